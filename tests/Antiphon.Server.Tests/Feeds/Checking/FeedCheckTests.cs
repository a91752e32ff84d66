using System.Net;
using System.Text;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Feeds.Checking;

/// <summary>The check as scripts use it; the rules themselves are tested in the core.</summary>
public sealed class FeedCheckTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Good = """
        <?xml version="1.0" encoding="utf-8"?>
        <rss version="2.0" xmlns:atom="http://www.w3.org/2005/Atom"><channel><title>The Night Log</title><link>https://quillmoor.example/</link><description>Nights</description>
        <language>en-gb</language><atom:link rel="self" type="application/rss+xml" href="https://quillmoor.example/feed.xml"/>
        <item><title>Saturn</title><link>https://quillmoor.example/1</link><guid>https://quillmoor.example/1</guid><pubDate>Tue, 24 Nov 2026 09:30:00 +0100</pubDate>
        <author>imogen@quillmoor.example (Imogen Tarrant)</author><category>Night Log</category><description>Rings</description>
        <enclosure url="https://quillmoor.example/1.mp3" type="audio/mpeg" length="12345"/></item></channel></rss>
        """;

    [Fact]
    public async Task The_answer_has_the_promised_shape()
    {
        var check = await CheckAsync(Good);
        Assert.Equal(("rss", "2.0", "valid"), (check.Text("format"), check.Text("version"), check.Text("verdict")));
        Assert.Equal(
            [
                "title",
                "description",
                "link",
                "feedLink",
                "language",
                "updated",
                "published",
                "authors",
                "copyright",
                "generator",
                "image",
                "icon",
                "categories",
                "hubs",
                "licenses",
                "show",
                "deleted",
                "items",
            ],
            check.Names("feed")
        );
        Assert.Equal(
            [
                "id",
                "title",
                "link",
                "summary",
                "contentHtml",
                "published",
                "updated",
                "authors",
                "categories",
                "enclosures",
                "image",
                "commentsUrl",
                "source",
                "licenses",
                "episode",
                "place",
                "areas",
            ],
            check.Names("feed.items.0")
        );
    }

    [Fact]
    public async Task Every_finding_belongs_to_one_slip()
    {
        var check = await CheckAsync(
            Good.Replace("https://quillmoor.example/1</guid>", "</guid>", StringComparison.Ordinal)
                .Replace("Tue, 24 Nov 2026 09:30:00 +0100", "soon", StringComparison.Ordinal)
                .Replace("<description>Nights", "<ttl>a</ttl><ttl>b</ttl><description>Nights", StringComparison.Ordinal)
        );
        var slips = check.Items("slips");
        var rules = check.Items("findings").Select(finding => finding.Text("rule")).ToList();
        Assert.Equal(rules.Distinct(), slips.Select(slip => slip.Text("rule")));
        Assert.Equal(rules.Count, slips.Sum(slip => slip.Items("findings").Count));
    }

    [Fact]
    public async Task Values_come_as_read_and_absent_ones_are_null_or_empty()
    {
        var item = (await CheckAsync(Good)).Items("feed.items").Single();
        Assert.Equal(
            "2026-11-24T08:30:00",
            DateTimeOffset.Parse(item.Text("published"), null).UtcDateTime.ToString("s")
        );
        Assert.Equal(
            ("Imogen Tarrant", "imogen@quillmoor.example"),
            (item.Text("authors.0.name"), item.Text("authors.0.email"))
        );
        Assert.Equal(("audio/mpeg", 12345L), (item.Text("enclosures.0.type"), item.Number("enclosures.0.length")));
        Assert.False(item.Has("commentsUrl"));
        Assert.False(item.Has("image"));
    }

    [Fact]
    public async Task A_finding_says_rule_place_words_and_remedy()
    {
        var check = await CheckAsync(Good.Replace("Tue, 24 Nov", "Tue, 31 Feb", StringComparison.Ordinal));
        Assert.Equal("invalid", check.Text("verdict"));
        var finding = check.Items("findings").First();
        Assert.Equal(
            ["rule", "severity", "line", "column", "path", "message", "fix", "reference", "readersCope", "repairable"],
            finding.Names()
        );
        Assert.Equal(("error", 4L), (finding.Text("severity"), finding.Number("line")));
        Assert.Contains("31 Feb", finding.Text("message"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_could_be_read_is_given_also_when_it_is_invalid()
    {
        var check = await CheckAsync(Good[..^10]);
        Assert.Equal(
            ("invalid", "The Night Log", 1),
            (check.Text("verdict"), check.Text("feed.title"), check.Items("feed.items").Count)
        );
    }

    [Theory]
    [InlineData("")]
    [InlineData("hello")]
    [InlineData("<html><body>no feed</body></html>")]
    [InlineData("{\"a\":1}")]
    public async Task What_is_no_feed_is_called_so(string text)
    {
        var check = await CheckAsync(text);
        Assert.Equal("notAFeed", check.Text("verdict"));
        Assert.False(check.Has("format"));
        Assert.NotEmpty(check.Items("findings"));
    }

    [Fact]
    public async Task The_content_type_counts() =>
        Assert.Contains((await CheckAsync(Good, "text/html")).Items("findings"), finding =>
            finding.Text("rule").StartsWith("http-", StringComparison.Ordinal)
        );

    [Fact]
    public async Task Pasted_text_comes_back_as_source()
    {
        var page = await host.Owner.PostJsonAsync("api/feeds/check-text", new { text = Good });
        Assert.Equal((Good, "valid"), (page.Text("source"), page.Text("check.verdict")));
    }

    [Fact]
    public async Task Empty_text_is_refused_at_its_field() =>
        Assert.Equal(
            ["text"],
            (await host.Owner.RefusedAsync("api/feeds/check-text", new { text = " " })).Names("errors")
        );

    [Fact]
    public async Task An_address_that_cannot_be_fetched_is_refused_at_its_field()
    {
        var answer = await host.Owner.GetAsync("api/feeds/check?url=http://10.0.0.1/feed");
        Assert.Equal(["url"], (await answer.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));
    }

    [Fact]
    public async Task Nobody_may_use_it_without_a_token()
    {
        using var content = new StringContent(Good, Encoding.UTF8, "application/rss+xml");
        using var nobody = host.Plain();
        nobody.DefaultRequestHeaders.Add("Authorization", "Bearer nothing");
        Assert.Equal(HttpStatusCode.Unauthorized, (await nobody.PostAsync("api/feeds/check", content)).StatusCode);
    }

    [Fact]
    public async Task Too_large_a_body_is_refused_with_its_bound()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "api/feeds/check")
        {
            Content = new ByteArrayContent(new byte[26_000_000]),
        };
        // Asks before sending, as a client with a large body does; otherwise the connection closes under it.
        request.Headers.ExpectContinue = true;
        var answer = await host.Owner.SendAsync(request);
        await answer.ProblemAsync(HttpStatusCode.RequestEntityTooLarge);
    }

    private async Task<Json> CheckAsync(string text, string type = "application/rss+xml; charset=utf-8")
    {
        using var content = new ByteArrayContent(Encoding.UTF8.GetBytes(text));
        content.Headers.TryAddWithoutValidation("Content-Type", type);
        return await HttpTalk.GoodAsync(await host.Owner.PostAsync("api/feeds/check", content));
    }
}
