using System.Net;
using System.Net.Http.Headers;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Feeds.Checking;

/// <summary>Repairing and converting over HTTP.</summary>
public sealed class FeedWorkTests(ScriptedHost hosts) : IClassFixture<ScriptedHost>, IAsyncLifetime
{
    private const string Faulty =
        "<rss version=\"2.0\"><channel><title>Log</title><link>https://quillmoor.example/</link><description>d</description>\n<item><title>Salt & pepper</title><link>https://quillmoor.example/1</link><pubDate>2026-11-24</pubDate></item></channel></rss>";
    private readonly AntiphonHost _host = hosts.Host;
    private readonly ScriptedSite _page = hosts.Site;

    public Task InitializeAsync() => _host.FreshSiteAsync();

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task Raw_bytes_come_back_repaired_with_every_change()
    {
        var answer = await HttpTalk.GoodAsync(await SendAsync("api/feeds/repair", Faulty, "application/rss+xml"));
        Assert.Contains("Salt &amp; pepper", answer.Text("repaired"), StringComparison.Ordinal);
        Assert.Contains(answer.Items("changes"), change =>
            change.Text("rule") == "xml-stray-ampersand" && change.Number("line") == 2
        );
        Assert.DoesNotContain(answer.Items("remaining"), finding => finding.Text("severity") == "error");
    }

    [Fact]
    public async Task Pasted_text_has_no_address_that_others_are_completed_by()
    {
        var text = Faulty.Replace("https://quillmoor.example/1", "nights/1", StringComparison.Ordinal);
        var converted = await _host.Owner.PostJsonAsync(
            "api/feeds/try-format",
            new
            {
                url = (string?)null,
                text,
                to = "atom",
            }
        );
        Assert.Contains("href=\"nights/1\"", converted.Text("text"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_address_is_fetched_and_repaired()
    {
        _page.Say(Faulty, "application/rss+xml");
        var answer = await _host.Owner.GetJsonAsync($"api/feeds/repair?url={_page.Address}feed.xml");
        Assert.Contains($"href=\"{_page.Address}feed.xml\"", answer.Text("repaired"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("rss", "application/rss+xml", "<rss version=\"2.0\"")]
    [InlineData("atom", "application/atom+xml", "<feed xmlns=\"http://www.w3.org/2005/Atom\"")]
    [InlineData("json", "application/feed+json", "https://jsonfeed.org/version/1.1")]
    public async Task A_feed_is_given_in_another_format(string to, string type, string seen)
    {
        var answer = await SendAsync($"api/feeds/convert?to={to}", Faulty, "application/rss+xml");
        Assert.Equal((HttpStatusCode.OK, type), (answer.StatusCode, answer.Content.Headers.ContentType?.MediaType));
        var text = await answer.Content.ReadAsStringAsync();
        Assert.Contains(seen, text, StringComparison.Ordinal);
        Assert.Contains("https://quillmoor.example/1", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_a_format_cannot_carry_is_told()
    {
        var answer = await SendAsync(
            "api/feeds/convert?to=json",
            Faulty.Replace("<item>", "<copyright>Ours</copyright><item>", StringComparison.Ordinal),
            "application/rss+xml"
        );
        Assert.Contains("1 Rights", answer.Headers.GetValues("Antiphon-Lost"));
        var tried = await _host.Owner.PostJsonAsync(
            "api/feeds/try-format",
            new
            {
                url = (string?)null,
                text = Faulty.Replace("<item>", "<copyright>Ours</copyright><item>", StringComparison.Ordinal),
                to = "jsonFeed",
            }
        );
        Assert.Contains(tried.Items("lost"), lost => lost.Text("name") == "Rights");
    }

    [Fact]
    public async Task Entries_are_shown_in_a_list_in_a_mail_and_spoken()
    {
        _page.Say(Faulty, "application/rss+xml");
        var entry = (
            await _host.Owner.PostJsonAsync(
                "api/feeds/try",
                new { url = $"{_page.Address}feed.xml", text = (string?)null }
            )
        ).Items("entries")[0];
        Assert.Equal(
            ("Salt & pepper", "Salt & pepper", "Salt & pepper"),
            (entry.Text("title"), entry.Text("mail.subject"), entry.Text("spoken.0"))
        );
    }

    [Fact]
    public async Task An_entry_is_announced_in_the_language_of_the_request()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "api/feeds/try")
        {
            Content = System.Net.Http.Json.JsonContent.Create(
                new
                {
                    url = (string?)null,
                    text = "<rss version=\"2.0\"><channel><title>Bench</title><item><description>&lt;img src=\"https://a.example/a.png\"&gt;</description></item></channel></rss>",
                }
            ),
        };
        request.Headers.AcceptLanguage.ParseAdd("de");
        var entry = (await HttpTalk.GoodAsync(await _host.Owner.SendAsync(request))).Items("entries")[0];
        Assert.Equal(
            ("Ein Eintrag ohne Titel", "Aus Bench", "Ein Bild ohne Beschreibung"),
            (entry.Text("spoken.0"), entry.Text("spoken.1"), entry.Text("spoken.2"))
        );
        Assert.Equal(2, entry.Number("silent.0"));
        Assert.Equal("Ohne Titel", entry.Text("mail.subject"));
    }

    [Fact]
    public async Task How_a_feed_is_served_is_part_of_its_check()
    {
        _page.Answer = async http =>
        {
            if (http.Request.Path == "/old.xml")
            {
                http.Response.StatusCode = 301;
                http.Response.Headers.Location = "/feed.xml";
                return;
            }

            http.Response.ContentType = "application/rss+xml";
            http.Response.Headers.ETag = "\"v1\"";
            await http.Response.WriteAsync(
                Faulty.Replace("https://quillmoor.example/<", $"{_page.Address}<", StringComparison.Ordinal)
            );
        };
        var check = await _host.Owner.GetJsonAsync($"api/feeds/check?url={_page.Address}old.xml");
        var rules = check.Items("check.findings").Select(finding => finding.Text("rule")).ToList();
        Assert.Contains("http-moved", rules);
        Assert.Contains("http-validator-ignored", rules);
        Assert.Contains("http-closed-to-pages", rules);
        Assert.DoesNotContain("http-no-validator", rules);
    }

    [Theory]
    [InlineData("api/feeds/convert?to=word", Faulty, "to")]
    [InlineData("api/feeds/convert?to=rss", "no feed", "body")]
    public async Task What_cannot_be_converted_names_the_field(string path, string text, string field)
    {
        var refusal = await (await SendAsync(path, text, "text/plain")).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Equal([field], refusal.Names("errors"));
    }

    [Fact]
    public async Task What_is_no_feed_is_told_and_not_repaired()
    {
        var answer = await HttpTalk.GoodAsync(await SendAsync("api/feeds/repair", "just words", "text/plain"));
        Assert.False(answer.Has("repaired"));
        Assert.NotEmpty(answer.Items("remaining"));
    }

    [Fact]
    public async Task Pasted_text_is_repaired_and_nothing_pasted_is_told()
    {
        Assert.NotEmpty(
            (await _host.Owner.PostJsonAsync("api/feeds/repair-text", new { text = Faulty })).Items("changes")
        );
        Assert.Equal(
            ["text"],
            (await _host.Owner.RefusedAsync("api/feeds/repair-text", new { text = " " })).Names("errors")
        );
    }

    private async Task<HttpResponseMessage> SendAsync(string path, string text, string type)
    {
        using var body = new ByteArrayContent(Encoding.UTF8.GetBytes(text));
        body.Headers.ContentType = new MediaTypeHeaderValue(type);
        return await _host.Owner.PostAsync(path, body);
    }
}
