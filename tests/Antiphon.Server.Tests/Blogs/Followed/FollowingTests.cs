using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Blogs.Followed;

/// <summary>What following does when the other side changes or misbehaves.</summary>
public sealed class FollowingTests(FollowingTests.Shared shared) : IClassFixture<FollowingTests.Shared>, IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly ScriptedSite _site = shared.Other;
    private long _blog;

    public async Task InitializeAsync()
    {
        await shared.FreshAsync();
        _site.Say(Feed("First"), "application/rss+xml");
        _blog = (
            await _host.Owner.PostJsonAsync(
                _host.Api + "blogs/follow",
                new { feedAddress = new Uri(_site.Address, "feed.xml") }
            )
        ).Number("id");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task New_entries_become_posts_and_changed_ones_change()
    {
        _site.Say(Feed("First, corrected", "Second"), "application/rss+xml");
        await VisitAsync();
        Assert.Equal(["First, corrected", "Second"], await TitlesAsync());
    }

    [Fact]
    public async Task An_entry_that_vanishes_from_the_feed_stays_a_post()
    {
        _site.Say(Feed(), "application/rss+xml");
        await VisitAsync();
        Assert.Equal(["First"], await TitlesAsync());
    }

    [Fact]
    public async Task An_entry_the_feed_says_is_deleted_is_withdrawn()
    {
        _site.Say(Feed("First", "Second"), "application/rss+xml");
        await VisitAsync();
        _site.Say(Deleting(1, Feed("First")), "application/rss+xml");
        await VisitAsync();
        Assert.Equal(["First published", "Second withdrawn"], await StandingsAsync());
    }

    [Fact]
    public async Task An_entry_that_was_deleted_and_is_there_again_afterwards_returns()
    {
        _site.Say(Feed("First", "Second"), "application/rss+xml");
        await VisitAsync();
        _site.Say(Deleting(1, Feed("First")), "application/rss+xml");
        await VisitAsync();
        var again = Feed("First", "Second").Replace("24 Nov 2026 09:31", "25 Nov 2026 09:31", StringComparison.Ordinal);
        _site.Say(Deleting(1, again.Replace("Tue, 25", "Wed, 25", StringComparison.Ordinal)), "application/rss+xml");
        await VisitAsync();
        Assert.Equal(["First published", "Second published"], await StandingsAsync());
    }

    [Fact]
    public async Task An_entry_that_is_deleted_when_it_is_seen_first_becomes_no_post()
    {
        _site.Say(Deleting(1, Feed("First", "Second")), "application/rss+xml");
        await VisitAsync();
        Assert.Equal(["First published"], await StandingsAsync());
    }

    [Fact]
    public async Task Validators_are_sent_back_and_304_is_a_good_visit()
    {
        var asked = new List<(string ETag, string Date)>();
        _site.Answer = async http =>
        {
            asked.Add((http.Request.Headers.IfNoneMatch.ToString(), http.Request.Headers.IfModifiedSince.ToString()));
            if (http.Request.Headers.IfNoneMatch == "\"v1\"")
            {
                http.Response.StatusCode = StatusCodes.Status304NotModified;
                return;
            }

            http.Response.Headers.ETag = "\"v1\"";
            http.Response.Headers.LastModified = "Tue, 24 Nov 2026 09:30:00 GMT";
            await http.Response.WriteAsync(Feed("First"));
        };
        await VisitAsync();
        var second = await VisitAsync();
        Assert.Equal(("\"v1\"", "Tue, 24 Nov 2026 09:30:00 GMT"), asked[^1]);
        Assert.False(second.Has("following.problem"));
        Assert.Equal(["First"], await TitlesAsync());
    }

    [Theory]
    [InlineData("error", "500")]
    [InlineData("gone", "404")]
    [InlineData("page", "cannot be read")]
    [InlineData("rubbish", "cannot be read")]
    [InlineData("endless", "larger than")]
    [InlineData("silent", "within")]
    public async Task Trouble_keeps_the_posts_and_is_shown(string kind, string words)
    {
        _site.Answer = http => MisbehaveAsync(http, kind);
        var view = await VisitAsync();
        Assert.Contains(words, view.Text("following.problem"), StringComparison.Ordinal);
        Assert.Equal(1, view.Number("following.failures"));
        Assert.Equal(["First"], await TitlesAsync());
    }

    [Fact]
    public async Task Pauses_grow_with_failures_and_end_with_success()
    {
        _site.Say("", "text/plain", 500);
        var first = await VisitAsync();
        var second = await VisitAsync();
        Assert.True(Pause(second) > Pause(first), $"{Pause(first)} then {Pause(second)}");
        _site.Say(Feed("First"), "application/rss+xml");
        Assert.Equal(0, (await VisitAsync()).Number("following.failures"));
    }

    [Fact]
    public async Task What_stands_before_a_break_is_taken_over_and_the_break_is_told()
    {
        _site.Say(Feed("First", "Second")[..^10], "application/rss+xml");
        var view = await VisitAsync();
        Assert.Contains("line", view.Text("following.problem"), StringComparison.Ordinal);
        Assert.Equal(2, view.Number("posts"));
    }

    private static TimeSpan Pause(Json view) =>
        DateTimeOffset.Parse(view.Text("following.nextVisitAt"), null)
        - DateTimeOffset.Parse(view.Text("following.lastVisitAt"), null);

    private static async Task MisbehaveAsync(HttpContext http, string kind)
    {
        http.Response.StatusCode = kind switch
        {
            "error" => 500,
            "gone" => 404,
            _ => 200,
        };
        if (kind == "page")
            await http.Response.WriteAsync("<!doctype html><html><body>We have moved</body></html>");
        else if (kind == "rubbish")
            await http.Response.Body.WriteAsync(new byte[] { 0, 255, 3, 254, 60, 60 });
        else if (kind == "silent")
            await new TaskCompletionSource().Task.WaitAsync(http.RequestAborted);
        else if (kind == "endless")
        {
            while (!http.RequestAborted.IsCancellationRequested)
                await http.Response.WriteAsync(new string('x', 4096), http.RequestAborted);
        }
    }

    private Task<Json> VisitAsync() => _host.Owner.PostJsonAsync($"{_host.Api}blogs/{_blog}/visit");

    private async Task<List<string>> TitlesAsync() =>
        [
            .. (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={_blog}"))
                .Items("posts")
                .Select(post => post.Text("title"))
                .Order(),
        ];

    private async Task<List<string>> StandingsAsync() =>
        [
            .. (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={_blog}"))
                .Items("posts")
                .Select(post => $"{post.Text("title")} {post.Text("status")}")
                .Order(),
        ];

    private static string Deleting(int entry, string feed) =>
        feed.Replace("<rss ", "<rss xmlns:at=\"http://purl.org/atompub/tombstones/1.0\" ", StringComparison.Ordinal)
            .Replace(
                "<description>d</description>",
                $"<description>d</description><at:deleted-entry ref=\"https://bench.example/{entry}\" when=\"2026-11-24T12:00:00Z\"/>",
                StringComparison.Ordinal
            );

    private static string Feed(params string[] titles)
    {
        var items = titles.Select(
            (title, index) =>
                $"<item><title>{title}</title><link>https://bench.example/{index}</link><guid>https://bench.example/{index}</guid><pubDate>Tue, 24 Nov 2026 09:3{index}:00 GMT</pubDate></item>"
        );
        return $"<rss version=\"2.0\"><channel><title>Workshop Bench</title><link>https://bench.example/</link><description>d</description>{string.Concat(items)}</channel></rss>";
    }

    /// <summary>What the tests share.</summary>
    public sealed class Shared : AnsweredHost
    {
        /// <inheritdoc/>
        protected override IEnumerable<(string Name, string Value)> Settings =>
            [("Outgoing:MaxBytes", "20000"), ("Outgoing:TimeoutSeconds", "2")];
    }
}
