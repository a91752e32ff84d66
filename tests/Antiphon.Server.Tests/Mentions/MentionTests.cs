using System.Net;
using Antiphon.Core.Html;
using Antiphon.Core.Mentions;
using Antiphon.Data.Mentions;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Mentions;

/// <summary>Other sites tell of their links; their pages are read, decided and followed.</summary>
public sealed class MentionTests(MentionHost both) : IClassFixture<MentionHost>
{
    private readonly AntiphonHost _host = both.Host;
    private readonly ScriptedSite _site = both.Site;
    private readonly string _page = $"notes/{Guid.NewGuid():N}";

    private string Source => new Uri(_site.Address, _page).AbsoluteUri;

    [Fact]
    public async Task A_page_that_links_waits_for_a_person_and_stands_in_the_thread_once_published()
    {
        var post = await _host.WriteAsync("Seen from elsewhere");
        Say(Answer(post, "We saw it from the tarn, *too*."));
        var answer = await TellAsync(post);
        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        var mention = await ListedAsync("waiting");
        Assert.Equal(
            ("answer", "Oswin Pell", "We saw it from the tarn, *too*.", "Seen from elsewhere"),
            (mention.Text("kind"), mention.Text("author"), mention.Text("text"), mention.Text("postTitle"))
        );
        Assert.Contains(
            "Your link was found",
            await _host.Plain().GetStringAsync(answer.Headers.Location!.OriginalString),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("from the tarn", await ThreadAsync(post), StringComparison.Ordinal);
        await DecideAsync(mention, "public");
        var thread = await ThreadAsync(post);
        // What somebody wrote elsewhere is no Markdown.
        Assert.Contains("<p>We saw it from the tarn, *too*.</p>", thread, StringComparison.Ordinal);
        Assert.Contains($"href=\"{Source}\"", thread, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_post_says_where_it_is_told_by_header_and_in_its_head()
    {
        var post = await _host.WriteAsync("To be told");
        using var page = await _host.Plain().GetAsync(post.Text("address"));
        Assert.Contains("rel=\"webmention\"", page.Headers.GetValues("Link").Single(), StringComparison.Ordinal);
        var endpoint = MentionEndpoint.Of(
            page.Headers.GetValues("Link"),
            page.Headers.GetValues("X-Pingback").Single(),
            HtmlReader.Read(await page.Content.ReadAsStringAsync()).Document,
            new Uri(post.Text("address"))
        );
        Assert.Equal($"/mentions/{await KeyAsync()}", endpoint!.Address.AbsolutePath);
    }

    [Fact]
    public async Task A_page_without_the_link_is_not_taken_and_the_sender_is_told_why()
    {
        var post = await _host.WriteAsync("Never linked");
        Say("<p>Nothing about it.</p>");
        var state = (await TellAsync(post)).Headers.Location!.OriginalString;
        await Eventually.TrueAsync("the page read", async () =>
            (await _host.Plain().GetStringAsync(state)).Contains("no link to the post", StringComparison.Ordinal)
        );
        Assert.Equal("refused", (await ListedAsync("refused")).Text("state"));
    }

    [Theory]
    [InlineData("<div></b>")]
    [InlineData("<svg><tr>")]
    [InlineData("<template>")]
    [InlineData("<br>")]
    public async Task A_page_made_to_harm_ends_as_refused_and_the_server_goes_on(string piece)
    {
        var post = await _host.WriteAsync("Harmed");
        Say(
            $"<a href='{post.Text("address")}'>x</a>" + string.Concat(Enumerable.Repeat(piece, 900_000 / piece.Length))
        );
        var state = (await TellAsync(post)).Headers.Location!.OriginalString;
        await Eventually.TrueAsync("the refusal", async () =>
            (await _host.Plain().GetStringAsync(state)).Contains(
                "more than any page made for readers",
                StringComparison.Ordinal
            )
        );
    }

    [Fact]
    public async Task A_mention_of_a_post_in_the_bin_ends_with_its_reason()
    {
        var post = await _host.WriteAsync("Deleted meanwhile");
        Say("<p>Nothing about it.</p>");
        await TellAsync(post);
        await _host.InDatabaseAsync(database =>
            database
                .Posts.Where(one => one.Id == post.Number("id"))
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.DeletedAt, DateTimeOffset.UtcNow))
        );
        await _host.InDatabaseAsync(database =>
            database
                .Mentions.IgnoreQueryFilters()
                .Where(mention => mention.PostId == post.Number("id"))
                .ExecuteUpdateAsync(set =>
                    set.SetProperty(one => one.NextReadAt, DateTimeOffset.UtcNow)
                        .SetProperty(one => one.Problem, (string?)null)
                )
        );
        var mention = await Eventually.IsAsync(
            "the end",
            () =>
                _host.InDatabaseAsync(database =>
                    database
                        .Mentions.IgnoreQueryFilters()
                        .AsNoTracking()
                        .SingleAsync(one => one.PostId == post.Number("id"))
                ),
            one => one is { NextReadAt: null, Problem: not null }
        );
        Assert.Equal("The post was deleted.", mention.Problem);
    }

    [Fact]
    public async Task A_change_of_the_page_is_followed_and_a_removal_too()
    {
        var post = await _host.WriteAsync("Followed");
        Say(Answer(post, "First words."));
        await TellAsync(post);
        await DecideAsync(await ListedAsync("waiting"), "public");
        Say(Answer(post, "Second words."));
        await TellAsync(post);
        await Eventually.TrueAsync("the new words", async () =>
            (await ThreadAsync(post)).Contains("Second words.", StringComparison.Ordinal)
        );
        _site.Answer = http =>
        {
            http.Response.StatusCode = StatusCodes.Status410Gone;
            return Task.CompletedTask;
        };
        await TellAsync(post);
        await Eventually.TrueAsync("the words gone", async () =>
            !(await ThreadAsync(post)).Contains("Second words.", StringComparison.Ordinal)
        );
        Assert.Equal("gone", (await ListedAsync("refused")).Text("state"));
    }

    [Fact]
    public async Task A_banned_host_is_spam_whatever_it_says()
    {
        var post = await _host.WriteAsync("Much wanted");
        Say(Answer(post, "Buy a dome."));
        await TellAsync(post);
        var first = await ListedAsync("waiting");
        await _host.Owner.PostJsonAsync(
            $"{_host.Api}comments/{first.Number("commentId")}/mark",
            new
            {
                mark = "banned",
                by = "host",
                host = first.Text("host"),
                past = "spam",
            }
        );
        Assert.Equal("spam", (await ListedAsync("aside")).Text("standing"));
        var other = await _host.WriteAsync("Wanted again");
        var second = $"{Source}-again";
        Say(Answer(other, "Buy two domes."));
        await TellAsync(other, second);
        Assert.Equal("spam", (await ListedAsync("aside", second)).Text("standing"));
        foreach (var mark in (await _host.Owner.GetJsonAsync($"{_host.Api}comments/marks")).Items())
            await _host.Owner.DeleteAsync($"{_host.Api}comments/marks/{mark.Number("id")}");
    }

    [Theory]
    [InlineData("", "source")]
    [InlineData("ftp://tarnlane.example/7", "source")]
    [InlineData("not an address", "source")]
    public async Task What_is_no_address_is_refused_by_name(string source, string field)
    {
        var answer = await TellAsync(await _host.WriteAsync("Told badly"), source);
        Assert.Equal(
            (HttpStatusCode.BadRequest, field),
            (answer.StatusCode, (await answer.Content.ReadAsStringAsync()).Split(':')[0])
        );
    }

    [Theory]
    [InlineData("https://elsewhere.example/page")]
    [InlineData("")]
    public async Task What_is_no_post_of_the_site_is_refused(string target)
    {
        using var form = new FormUrlEncodedContent(
            new Dictionary<string, string> { ["source"] = Source, ["target"] = target }
        );
        var answer = await _host.Plain().PostAsync($"mentions/{await KeyAsync()}", form);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.StartsWith("target:", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_page_without_end_is_not_read_to_its_end()
    {
        var post = await _host.WriteAsync("Told by a flood");
        _site.Answer = async http =>
        {
            http.Response.ContentType = "text/html";
            var chunk = new byte[64_000];
            while (!http.RequestAborted.IsCancellationRequested)
                await http.Response.Body.WriteAsync(chunk, http.RequestAborted);
        };
        await TellAsync(post);
        Assert.Contains("larger", (await ListedAsync("refused")).Text("problem"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_host_that_tells_more_than_is_read_is_put_off()
    {
        var post = await _host.WriteAsync("Told too often");
        var key = await KeyAsync();
        var site = await _host.InDatabaseAsync(database =>
            database.Sites.Where(site => site.PublicKey == key).Select(one => one.Id).SingleAsync()
        );
        await _host.InDatabaseAsync(async database =>
        {
            for (var at = 0; at < 3; at++)
                database.Mentions.Add(
                    new Mention
                    {
                        Key = $"{_page}{at}",
                        SiteId = site,
                        PostId = post.Number("id"),
                        Source = $"https://flood.example/{_page}/{at}",
                        Host = "flood.example",
                        Target = post.Text("address"),
                        NextReadAt = DateTimeOffset.UtcNow.AddDays(1),
                        ReceivedAt = DateTimeOffset.UtcNow,
                    }
                );
            return await database.SaveChangesAsync();
        });
        var answer = await TellAsync(post, "https://flood.example/one-more");
        Assert.Equal(HttpStatusCode.TooManyRequests, answer.StatusCode);
        Assert.NotNull(answer.Headers.RetryAfter);
        Assert.Equal(HttpStatusCode.Created, (await TellAsync(post, "https://calm.example/one")).StatusCode);
    }

    [Fact]
    public async Task A_pingback_is_taken_by_the_same_rules()
    {
        var post = await _host.WriteAsync("Pinged");
        Say($"<p>As the <a href=\"{post.Text("address")}\">log</a> says.</p>");
        Assert.Null(PingbackCall.FaultIn(await PingAsync(new PingbackCall(Source, post.Text("address")).Write())));
        Assert.Equal(
            ("pingback", "link"),
            ((await ListedAsync("waiting")).Text("way"), (await ListedAsync("waiting")).Text("kind"))
        );
        Assert.NotNull(
            PingbackCall.FaultIn(await PingAsync(new PingbackCall(Source, "https://elsewhere.example/").Write()))
        );
        Assert.NotNull(PingbackCall.FaultIn(await PingAsync("<!DOCTYPE x [<!ENTITY a \"b\">]><x>&a;</x>")));
    }

    [Fact]
    public async Task A_trackback_has_to_link_too()
    {
        var post = await _host.WriteAsync("Tracked");
        Say($"<p>As the <a href=\"{post.Text("address")}\">log</a> says.</p>");
        var page = await _host.Plain().GetStringAsync(post.Text("address"));
        var address = page.Split("rel=\"trackback\" href=\"")[1].Split('"')[0];
        using var form = new FormUrlEncodedContent(
            new Dictionary<string, string> { ["url"] = Source, ["title"] = "Not believed" }
        );
        Assert.Contains(
            "<error>0</error>",
            await (await _host.Plain().PostAsync(new Uri(address), form)).Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );
        Assert.Equal("trackback", (await ListedAsync("waiting")).Text("way"));
        using var empty = new FormUrlEncodedContent(new Dictionary<string, string> { ["title"] = "Nothing" });
        Assert.Contains(
            "<error>1</error>",
            await (await _host.Plain().PostAsync(new Uri(address), empty)).Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );
    }

    private void Say(string html) => _site.Say(html, "text/html; charset=utf-8");

    private static string Answer(Json post, string words) =>
        $"<article class=\"h-entry\"><a class=\"u-in-reply-to\" href=\"{post.Text("address")}\">x</a><div class=\"e-content\">{words}</div><a class=\"p-author h-card\" href=\"/\">Oswin Pell</a></article>";

    private async Task<string> KeyAsync() => (await _host.Owner.GetJsonAsync(_host.Api.TrimEnd('/'))).Text("publicKey");

    private async Task<HttpResponseMessage> TellAsync(Json post, string? source = null)
    {
        using var form = new FormUrlEncodedContent(
            new Dictionary<string, string> { ["source"] = source ?? Source, ["target"] = post.Text("address") }
        );
        return await _host.Plain().PostAsync($"mentions/{await KeyAsync()}", form);
    }

    private async Task<string> PingAsync(string xml)
    {
        using var content = new StringContent(xml);
        return await (
            await _host.Plain().PostAsync($"mentions/{await KeyAsync()}/pingback", content)
        ).Content.ReadAsStringAsync();
    }

    private async Task<Json> ListedAsync(string choice, string? source = null)
    {
        Json? found = null;
        await Eventually.TrueAsync($"a mention among those {choice}", async () =>
        {
            found = (await _host.Owner.GetJsonAsync($"{_host.Api}mentions?choice={choice}"))
                .Items("mentions")
                .FirstOrDefault(item => item.Text("source") == (source ?? Source));
            return found is not null;
        });
        return found!;
    }

    private Task DecideAsync(Json mention, string standing) =>
        _host.Owner.PostJsonAsync(
            $"{_host.Api}comments/{mention.Number("commentId")}/decision",
            new { standing, seen = mention.Text("standing") }
        );

    private async Task<string> ThreadAsync(Json post)
    {
        var key = await KeyAsync();
        var identifier = await _host.InDatabaseAsync(database =>
            database.Posts.Where(one => one.Id == post.Number("id")).Select(one => "post-" + one.Key).SingleAsync()
        );
        return await _host.Plain().GetStringAsync($"embed/threads/{key}.html?id={identifier}&url=&title=");
    }
}
