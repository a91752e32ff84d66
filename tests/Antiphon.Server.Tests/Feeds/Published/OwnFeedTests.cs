using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Feeds.Published;

/// <summary>The feeds we publish.</summary>
public sealed class OwnFeedTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    public static TheoryData<string, string> Formats =>
        new()
        {
            { ".rss", "application/rss+xml" },
            { ".atom", "application/atom+xml" },
            { ".json", "application/feed+json" },
        };

    [Theory]
    [MemberData(nameof(Formats))]
    public async Task Every_format_passes_our_own_check(string suffix, string type)
    {
        await host.WriteAsync(
            "Frost & <fog>",
            body: "<p>It grows <em>inwards</em>. <a href=\"/visit\">Visit</a> <img src=\"/dome.jpg\" alt=\"The dome\"></p>"
        );
        var feed = await FeedAsync(suffix);
        Assert.Equal(type, feed.Content.Headers.ContentType!.MediaType);
        using var bytes = new ByteArrayContent(await feed.Content.ReadAsByteArrayAsync());
        bytes.Headers.ContentType = feed.Content.Headers.ContentType;
        var check = await HttpTalk.GoodAsync(await host.Owner.PostAsync("api/feeds/check", bytes));
        Assert.Equal(("valid", "[]"), (check.Text("verdict"), check.Text("findings")));
    }

    [Theory]
    [MemberData(nameof(Formats))]
    public async Task Both_validators_answer_304(string suffix, string type)
    {
        await host.WriteAsync("Unchanged");
        var first = await FeedAsync(suffix);
        Assert.Equal(type, first.Content.Headers.ContentType!.MediaType);
        using var byTag = new HttpRequestMessage(HttpMethod.Get, first.RequestMessage!.RequestUri);
        byTag.Headers.IfNoneMatch.Add(first.Headers.ETag!);
        using var byDate = new HttpRequestMessage(HttpMethod.Get, first.RequestMessage.RequestUri);
        byDate.Headers.IfModifiedSince = first.Content.Headers.LastModified;
        Assert.Equal(HttpStatusCode.NotModified, (await host.Plain().SendAsync(byTag)).StatusCode);
        Assert.Equal(HttpStatusCode.NotModified, (await host.Plain().SendAsync(byDate)).StatusCode);
    }

    [Theory]
    [MemberData(nameof(Formats))]
    public async Task Head_tells_the_same_without_the_body(string suffix, string type)
    {
        using var request = new HttpRequestMessage(
            HttpMethod.Head,
            (await FeedAsync(suffix)).RequestMessage!.RequestUri
        );
        var answer = await host.Plain().SendAsync(request);
        Assert.Equal((HttpStatusCode.OK, type), (answer.StatusCode, answer.Content.Headers.ContentType!.MediaType));
        Assert.Empty(await answer.Content.ReadAsByteArrayAsync());
    }

    [Fact]
    public async Task A_new_post_changes_the_validator()
    {
        var before = (await FeedAsync(".rss")).Headers.ETag;
        await host.WriteAsync("Something new");
        Assert.NotEqual(before, (await FeedAsync(".rss")).Headers.ETag);
    }

    [Fact]
    public async Task Drafts_stay_out()
    {
        await host.WriteAsync("Only a draft", "draft");
        Assert.DoesNotContain(
            "Only a draft",
            await (await FeedAsync(".rss")).Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("?category=Meteors", "In the category", "The Night Log: Meteors")]
    [InlineData("?tag=comet", "With the tag", "The Night Log: comet")]
    [InlineData("?author=Ida%20Marsh", "By the author", "The Night Log: Ida Marsh")]
    public async Task A_feed_of_some_posts_holds_these_and_names_itself(string query, string title, string name)
    {
        await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                category = title.Contains("category") ? "Meteors" : null,
                tags = title.Contains("tag") ? new[] { "comet" } : null,
                author = title.Contains("author") ? "Ida Marsh" : null,
            }
        );
        await host.WriteAsync("Neither");
        var key = (await host.Owner.GetJsonAsync(host.Api + "blogs"))
            .Items()
            .First(blog => blog.Number("id") == host.Blog)
            .Text("key");
        var text = await host.Plain().GetStringAsync($"feeds/{key}.json{query}");
        Assert.Contains(title, text, StringComparison.Ordinal);
        Assert.DoesNotContain("Neither", text, StringComparison.Ordinal);
        Assert.Contains(name, text, StringComparison.Ordinal);
        Assert.Contains($"{host.Address}feeds/{key}.json{query}", text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("text/html,application/xhtml+xml,application/xml;q=0.9,*/*;q=0.8", "text/html")]
    [InlineData("application/rss+xml, text/html;q=0.5", "application/rss+xml")]
    [InlineData("*/*", "application/rss+xml")]
    public async Task A_browser_gets_a_page_and_a_reader_the_feed(string accept, string type)
    {
        await host.WriteAsync("Read by people");
        var key = (await host.Owner.GetJsonAsync(host.Api + "blogs"))
            .Items()
            .First(blog => blog.Number("id") == host.Blog)
            .Text("key");
        using var request = new HttpRequestMessage(HttpMethod.Get, $"feeds/{key}.rss");
        request.Headers.TryAddWithoutValidation("Accept", accept);
        var answer = await host.Plain().SendAsync(request);
        Assert.Equal((type, "Accept"), (answer.Content.Headers.ContentType?.MediaType, answer.Headers.Vary.Single()));
        Assert.Contains("Read by people", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_unknown_feed_is_not_found() =>
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync("feeds/unknown.rss")).StatusCode);

    [Fact]
    public async Task A_blog_without_posts_has_a_valid_feed()
    {
        var blog = await host.Owner.PostJsonAsync(
            host.Api + "blogs",
            new { name = "Nothing yet", description = "About nothing" }
        );
        using var bytes = new ByteArrayContent(await host.Plain().GetByteArrayAsync($"feeds/{blog.Text("key")}.atom"));
        bytes.Headers.TryAddWithoutValidation("Content-Type", "application/atom+xml; charset=utf-8");
        var check = await HttpTalk.GoodAsync(await host.Owner.PostAsync("api/feeds/check", bytes));
        Assert.DoesNotContain(check.Items("findings"), finding => finding.Text("severity") == "error");
    }

    private async Task<HttpResponseMessage> FeedAsync(string suffix)
    {
        var key = (await host.Owner.GetJsonAsync(host.Api + "blogs"))
            .Items()
            .Single(blog => blog.Number("id") == host.Blog)
            .Text("key");
        return await host.Plain().GetAsync($"feeds/{key}{suffix}");
    }
}
