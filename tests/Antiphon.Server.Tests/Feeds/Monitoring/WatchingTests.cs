using System.Net;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Feeds.Monitoring;

/// <summary>Watching feeds, telling what turns, and publishing them repaired.</summary>
public sealed class WatchingTests(WatchingTests.Shared shared) : IClassFixture<WatchingTests.Shared>, IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly ScriptedSite _site = shared.Other;

    public async Task InitializeAsync()
    {
        await shared.FreshAsync();
        _site.Say(Feed("Fog"), "application/rss+xml");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task A_feed_that_breaks_and_recovers_is_told_once_each()
    {
        var feed = await WatchAsync();
        Assert.Equal("true", feed.Text("isGood"));
        Assert.Empty((await NoticesAsync()));
        _site.Say(Feed("Fog")[..^40], "application/rss+xml");
        await CheckAsync(feed);
        await CheckAsync(feed);
        _site.Say(Feed("Fog"), "application/rss+xml");
        var view = await CheckAsync(feed);
        var notices = await NoticesAsync();
        Assert.Equal(
            ["Moor Weather Diary has recovered", "Moor Weather Diary has errors"],
            notices.Select(notice => notice.Text("title"))
        );
        Assert.Contains("line", notices[1].Text("text"), StringComparison.Ordinal);
        Assert.Equal([1, 2, 1], view.Items("history").Select(stretch => stretch.Number("checks")));
    }

    [Fact]
    public async Task A_server_that_is_away_once_is_no_news()
    {
        var feed = await WatchAsync();
        _site.Say("", "text/plain", 500);
        await CheckAsync(feed);
        Assert.Empty(await NoticesAsync());
        await CheckAsync(feed);
        Assert.Contains("500", Assert.Single(await NoticesAsync()).Text("text"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_notice_can_be_put_away_and_brought_back()
    {
        _site.Say(Feed("Fog")[..^40], "application/rss+xml");
        await WatchAsync();
        var notice = Assert.Single(await NoticesAsync()).Number("id");
        await _host.Owner.PostJsonAsync($"{_host.Api}notices/{notice}/done");
        Assert.Empty(await NoticesAsync());
        await _host.Owner.PostJsonAsync($"{_host.Api}notices/{notice}/undone");
        Assert.Single(await NoticesAsync());
    }

    [Fact]
    public async Task The_team_gets_a_mail_for_a_notice()
    {
        _site.Say(Feed("Fog")[..^40], "application/rss+xml");
        await WatchAsync();
        var mails = await _host.InDatabaseAsync(database =>
            Task.FromResult(database.NoticeMails.Select(mail => mail.Address).ToList())
        );
        Assert.Equal(["imogen@quillmoor.example"], mails);
    }

    [Fact]
    public async Task Feeds_of_blogs_written_here_are_watched_by_themselves()
    {
        await _host.WriteAsync("Watched");
        var own = await Eventually.IsAsync(
            "The first check of our own feed",
            async () => (await ListAsync()).FirstOrDefault(feed => feed.Text("isOurs") == "true"),
            feed => feed?.Has("isGood") == true
        );
        Assert.Equal("true", own!.Text("isGood"));
    }

    [Fact]
    public async Task A_repaired_feed_follows_its_original()
    {
        _site.Say(Faulty("Tea &amp;amp; cake"), "application/rss+xml");
        var feed = await WatchAsync(publish: true);
        var address = feed.Text("repair.address");
        Assert.True(feed.Number("repair.changes") > 0);
        var first = await _host.Plain().GetAsync(address);
        Assert.Equal("application/rss+xml", first.Content.Headers.ContentType!.MediaType);
        var text = await first.Content.ReadAsStringAsync();
        Assert.Contains("Tea &amp; cake", text, StringComparison.Ordinal);
        Assert.Contains($"href=\"{address}\"", text, StringComparison.Ordinal);

        _site.Say(Faulty("Tea &amp;amp; buns"), "application/rss+xml");
        await CheckAsync(feed);
        Assert.Contains("Tea &amp; buns", await _host.Plain().GetStringAsync(address), StringComparison.Ordinal);
        _site.Say("", "text/plain", 500);
        await CheckAsync(feed);
        Assert.Contains("Tea &amp; buns", await _host.Plain().GetStringAsync(address), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_repaired_feed_that_did_not_change_keeps_its_validator()
    {
        _site.Say(Faulty("Tea &amp;amp; cake"), "application/rss+xml");
        var feed = await WatchAsync(publish: true);
        var first = (await _host.Plain().GetAsync(feed.Text("repair.address"))).Headers.ETag;
        await CheckAsync(feed);
        using var again = new HttpRequestMessage(HttpMethod.Get, feed.Text("repair.address"));
        again.Headers.IfNoneMatch.Add(first!);
        Assert.Equal(HttpStatusCode.NotModified, (await _host.Plain().SendAsync(again)).StatusCode);
    }

    [Fact]
    public async Task A_repaired_feed_can_be_taken_back()
    {
        var feed = await WatchAsync(publish: true);
        await _host.Owner.PutJsonAsync($"{_host.Api}watched/{feed.Number("id")}/repaired", new { isPublished = false });
        Assert.Equal(HttpStatusCode.NotFound, (await _host.Plain().GetAsync(feed.Text("repair.address"))).StatusCode);
    }

    [Theory]
    [InlineData("no address")]
    [InlineData("page")]
    public async Task What_is_no_feed_is_not_watched(string what)
    {
        _site.Say("<!doctype html><html><body>Hello</body></html>", "text/html");
        var problem = await _host.Owner.RefusedAsync(
            _host.Api + "watched",
            new
            {
                address = what == "page" ? Address : "::",
                name = (string?)null,
                publishRepaired = false,
            }
        );
        Assert.True(problem.Has("errors.address"));
        Assert.DoesNotContain(await ListAsync(), feed => feed.Text("isOurs") == "false");
    }

    [Fact]
    public async Task Watching_ends_when_somebody_says_so()
    {
        var feed = await WatchAsync();
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await _host.Owner.DeleteAsync($"{_host.Api}watched/{feed.Number("id")}")).StatusCode
        );
        Assert.DoesNotContain(await ListAsync(), one => one.Number("id") == feed.Number("id"));
    }

    [Fact]
    public async Task Nothing_new_is_a_longer_stretch()
    {
        _site.Answer = async http =>
        {
            http.Response.Headers.ETag = "\"v1\"";
            http.Response.ContentType = "application/rss+xml";
            if (http.Request.Headers.IfNoneMatch == "\"v1\"")
                http.Response.StatusCode = StatusCodes.Status304NotModified;
            else
                await http.Response.WriteAsync(Feed("Fog"));
        };
        var feed = await WatchAsync();
        Assert.Equal(2, (await CheckAsync(feed)).Items("history").Single().Number("checks"));
    }

    private string Address => new Uri(_site.Address, "feed.xml").AbsoluteUri;

    private Task<Json> WatchAsync(bool publish = false) =>
        _host.Owner.PostJsonAsync(
            _host.Api + "watched",
            new
            {
                address = Address,
                name = (string?)null,
                publishRepaired = publish,
            }
        );

    private Task<Json> CheckAsync(Json feed) =>
        _host.Owner.PostJsonAsync($"{_host.Api}watched/{feed.Number("id")}/check");

    // Only what is told about feeds: whether mail gets out is told in the same list.
    private async Task<IReadOnlyList<Json>> NoticesAsync() =>
        [
            .. (await _host.Owner.GetJsonAsync(_host.Api + "notices"))
                .Items()
                .Where(notice => notice.Text("path").Contains("feeds", StringComparison.Ordinal)),
        ];

    private async Task<IReadOnlyList<Json>> ListAsync() =>
        (await _host.Owner.GetJsonAsync(_host.Api + "watched")).Items();

    private string Feed(string title) =>
        $"<rss version=\"2.0\" xmlns:atom=\"http://www.w3.org/2005/Atom\"><channel><title>Moor Weather Diary</title><link>https://weather.example/</link><description>d</description><atom:link rel=\"self\" href=\"{Address}\"/><item><title>{title}</title><link>https://weather.example/1</link><guid>https://weather.example/1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate><description>x</description></item></channel></rss>";

    private string Faulty(string title) =>
        Feed(title).Replace("Tue, 24 Nov 2026", "Mon, 24 Nov 2026", StringComparison.Ordinal);

    /// <summary>What the tests share.</summary>
    public sealed class Shared : AnsweredHost
    {
        /// <inheritdoc/>
        protected override IEnumerable<(string Name, string Value)> Settings => [("Watching:LookEverySeconds", "1")];
    }
}
