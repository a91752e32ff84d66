using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Feeds.Published;

/// <summary>What the team sees of our feeds: how they do, and the feeds of parts of a blog.</summary>
public sealed class OwnFeedListTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task Every_published_form_of_every_feed_is_valid()
    {
        await host.WriteAsync("Frost & <fog>", body: "<p>It grows <em>inwards</em> &amp; on.</p>");
        await host.ListAsync();
        var health = (await host.Owner.GetJsonAsync(host.Api + "feeds/health")).Items();
        Assert.Equal(
            ["blog", "comments", "listing"],
            health.Select(feed => feed.Text("subject")).Distinct().Order(StringComparer.Ordinal)
        );
        Assert.Equal(["Atom", "JSON Feed", "RSS"], health.Select(feed => feed.Text("form")).Distinct().Order());
        Assert.All(health, feed => Assert.Equal("valid", feed.Text("verdict")));
    }

    [Fact]
    public async Task A_feed_that_is_not_valid_says_why_in_the_language_asked_for()
    {
        var blog = host.Blog;
        var settings = await SettingsAsync("blog", blog);
        await host.Owner.PutJsonAsync($"{host.Api}feeds/blog/{blog}", settings with { Language = "xx-moor" });
        using var request = new HttpRequestMessage(HttpMethod.Get, host.Api + "feeds/health");
        request.Headers.AcceptLanguage.ParseAdd("de");
        var health = (await HttpTalk.GoodAsync(await host.Owner.SendAsync(request))).Items();
        var rss = health.First(feed => feed.Text("form") == "RSS" && feed.Text("subject") == "blog");
        Assert.NotEqual("valid", rss.Text("verdict"));
        Assert.Contains("Sprache", rss.Text("finding"), StringComparison.Ordinal);
        await host.Owner.PutJsonAsync($"{host.Api}feeds/blog/{blog}", settings);
    }

    [Fact]
    public async Task Parts_of_a_blog_are_listed_with_addresses_that_answer()
    {
        await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title = "Perseids & more",
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                category = "Meteors & dust",
                tags = new[] { "Perseids", "Ä" },
            }
        );
        var parts = (await host.Owner.GetJsonAsync($"{host.Api}feeds/parts/{host.Blog}")).Items();
        Assert.Contains(parts, part => (part.Text("part"), part.Text("name")) == ("category", "Meteors & dust"));
        foreach (var part in parts.Where(part => part.Text("part") is "category" or "tag"))
        {
            var feed = await host.Plain().GetJsonAsync(part.Text("json"));
            Assert.Equal(part.Number("posts"), feed.Items("items").Count);
        }
    }

    [Fact]
    public async Task A_blog_of_somebody_else_has_no_parts_here() =>
        Assert.Equal(HttpStatusCode.NotFound, (await host.Owner.GetAsync($"{host.Api}feeds/parts/999999")).StatusCode);

    private async Task<Published> SettingsAsync(string subject, long id)
    {
        var feed = (await host.Owner.GetJsonAsync(host.Api + "feeds/all"))
            .Items("feeds")
            .Single(one => one.Text("subject") == subject && one.Number("subjectId") == id);
        return new Published((int)feed.Number("settings.entries"));
    }

    private sealed record Published(int Entries)
    {
        public bool IsFullText => true;

        public bool HasHistory => true;

        public bool AsRss => true;

        public bool AsAtom => true;

        public bool AsJson => true;

        public string? Language { get; init; }
    }
}
