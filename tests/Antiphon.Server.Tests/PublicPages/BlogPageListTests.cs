using System.Net;
using System.Net.Http.Json;
using AngleSharp.Html.Parser;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.PublicPages;

/// <summary>The pages of a blog whose posts nobody changes meanwhile.</summary>
public sealed class BlogPageListTests(AntiphonHost host) : IClassFixture<AntiphonHost>, IAsyncLifetime
{
    private string _key = string.Empty;

    public async Task InitializeAsync()
    {
        _key = (await host.Owner.GetJsonAsync(host.Api + "blogs")).Text("0.key");
        if ((await host.Owner.GetJsonAsync(host.Api + "posts")).Number("total") > 0)
            return;
        await host.Owner.PutJsonAsync(host.Api + "terms/categories", new { name = "Planets", above = "Observing" });
        await WriteAsync("Moon", "Observing", "Dov Achterberg", "<p>Craters.</p>", "refractor");
        await WriteAsync("Saturn", "Planets", "Imogen Tarrant", "<p>The ring was wide.</p>");
        await host.WriteAsync("Draft of a ring", "draft");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Theory]
    [InlineData("", "Saturn | Moon")]
    [InlineData("/category/Observing", "Saturn | Moon")]
    [InlineData("/category/Planets", "Saturn")]
    [InlineData("/tag/refractor", "Moon")]
    [InlineData("/author/Dov%20Achterberg", "Moon")]
    [InlineData("/search?q=ring", "Saturn")]
    [InlineData("/search?q=nothing-like-it", "")]
    [InlineData("/search", "")]
    public async Task Every_page_lists_its_own_posts_newest_first(string path, string titles)
    {
        var page = await PageAsync($"blogs/{_key}{path}");
        Assert.Equal(
            titles,
            string.Join(" | ", page.QuerySelectorAll(".index h2").Select(heading => heading.TextContent))
        );
    }

    [Theory]
    [InlineData("/category/Nowhere")]
    [InlineData("/tag/nothing")]
    [InlineData("/author/Nobody")]
    [InlineData("/archive/2020-01")]
    [InlineData("/archive/soon")]
    [InlineData("/archive/0001-01")]
    [InlineData("/archive/9999-12")]
    [InlineData("/anything/else")]
    public async Task What_is_not_there_says_so(string path) =>
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync($"blogs/{_key}{path}")).StatusCode);

    [Fact]
    public async Task Search_engines_are_told_what_is_there_and_what_to_leave_out()
    {
        var sitemap = await host.Plain().GetStringAsync($"blogs/{_key}/sitemap.xml");
        Assert.Contains($"/blogs/{_key}/category/Observing</loc>", sitemap);
        Assert.Contains("/moon</loc>", sitemap);
        var robots = await host.Plain().GetStringAsync($"blogs/{_key}/robots.txt");
        Assert.Contains($"Sitemap: {host.Address}blogs/{_key}/sitemap.xml", robots);
        Assert.Contains(
            "noindex",
            (await PageAsync($"blogs/{_key}/search?q=moon")).QuerySelector("meta[name=robots]")!.GetAttribute("content")
        );
        Assert.Null((await PageAsync($"blogs/{_key}/category/Observing")).QuerySelector("meta[name=robots]"));
    }

    [Fact]
    public async Task What_readers_search_for_is_only_text()
    {
        var page = await PageAsync($"blogs/{_key}/search?q=" + Uri.EscapeDataString("\"><script>alert(1)</script>"));
        Assert.Empty(page.QuerySelectorAll("script:not([type])"));
        Assert.Equal("\"><script>alert(1)</script>", page.QuerySelector("input[name=q]")!.GetAttribute("value"));
    }

    [Theory]
    [InlineData("blog quillmoor", "hostName")]
    [InlineData("127.0.0.1", "hostName")]
    [InlineData("blog.quillmoor.example/nights", "hostName")]
    public async Task Ahost_name_that_is_none_is_refused(string name, string field)
    {
        var problem = await (
            await host.Owner.PutAsJsonAsync(
                $"{host.Api}blogs/{host.Blog}/pages",
                new { hostName = name, look = new { } }
            )
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.True(problem.Has($"errors.{field}"));
    }

    private async Task<AngleSharp.Html.Dom.IHtmlDocument> PageAsync(string path) =>
        new HtmlParser().ParseDocument(
            await (await host.Plain().GetAsync(path)).EnsureSuccessStatusCode().Content.ReadAsStringAsync()
        );

    private Task<Json> WriteAsync(string title, string category, string author, string body, params string[] tags) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = body,
                status = "published",
                revision = 0,
                category,
                author,
                tags,
            }
        );
}
