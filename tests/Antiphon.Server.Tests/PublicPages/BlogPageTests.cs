using System.Net;
using AngleSharp.Html.Parser;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.PublicPages;

public sealed class BlogPageTests(AntiphonHost host) : IClassFixture<AntiphonHost>, IAsyncLifetime
{
    private readonly AntiphonHost _host = host;
    private string _key = string.Empty;

    public async Task InitializeAsync()
    {
        await _host.FreshSiteAsync();
        _key = (await _host.Owner.GetJsonAsync(_host.Api + "blogs")).Text("0.key");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task The_archive_leads_to_each_month_of_the_sites_clocks()
    {
        // Half past eleven in London's summer is the day before in Greenwich, and the month before.
        await DatedAsync("Late in May", "2026-05-31T22:30:00Z");
        await DatedAsync("First of June", "2026-05-31T23:30:00Z");
        var months = (await PageAsync($"blogs/{_key}/archive"))
            .QuerySelectorAll(".year a")
            .Select(link => (link.TextContent, link.GetAttribute("href")!))
            .ToList();
        Assert.Equal(["June 2026", "May 2026"], months.Select(month => month.TextContent));
        Assert.Equal("First of June", (await PageAsync(months[0].Item2)).QuerySelector(".index h2")!.TextContent);
        Assert.Single((await PageAsync(months[1].Item2)).QuerySelectorAll(".index li"));
    }

    [Fact]
    public async Task Older_posts_follow_page_by_page_each_once_and_pinned_ones_only_at_the_top()
    {
        for (var i = 0; i < 44; i++)
            await _host.WriteAsync($"Night {i:00}");
        await _host.InDatabaseAsync(database =>
            database
                .Posts.Where(post => post.Title == "Night 03" && post.SiteId == _host.Site)
                .ExecuteUpdateAsync(set => set.SetProperty(post => post.IsPinned, true))
        );
        var (seen, address) = (new List<string>(), $"blogs/{_key}");
        for (var pages = 0; address is not null && pages < 9; pages++)
        {
            var page = await PageAsync(address);
            seen.AddRange(page.QuerySelectorAll(".index h2").Select(heading => heading.TextContent));
            address = page.QuerySelector("a[rel=next]")?.GetAttribute("href");
        }

        Assert.Equal("Night 03", seen[0]);
        Assert.Equal((44, 44), (seen.Count, seen.Distinct().Count()));
    }

    [Fact]
    public async Task A_look_is_previewed_then_kept_and_reaches_every_page()
    {
        await WriteAsync(
            "Moon",
            "Observing",
            "Dov Achterberg",
            "<h2>One</h2><p>a</p><h2>Two</h2><p>b</p><h2>Three</h2><p>c</p>",
            "refractor"
        );
        var look = new
        {
            measure = 35,
            titleCentred = true,
            byline = new[] { "readingTime", "author" },
            bylinePlace = "aboveTitle",
            tags = "belowTitle",
            authorBox = true,
            contents = true,
            spacing = "airy",
            theme = "dark",
            colours = Colours("#102030"),
            darkColours = Colours("#0b1020"),
            headingType = Type("Georgia, serif"),
            textType = Type(null),
        };
        var preview = await _host.Owner.PostJsonAsync(Pages + "/preview", new { look });
        Assert.Contains("max-width:35rem", preview.Text("post"));
        Assert.Contains("--paper:#0b1020", preview.Text("index"));
        var before = await PageAsync(await PostAddressAsync());
        Assert.DoesNotContain("35rem", before.Head!.InnerHtml);

        await _host.Owner.PutJsonAsync(Pages, new { look, searchDescription = "Nights on the moor" });
        var post = await PageAsync(await PostAddressAsync());
        Assert.Contains("max-width:35rem", post.Head!.InnerHtml);
        Assert.Equal("1 min · Dov Achterberg", post.QuerySelector("h1")!.PreviousElementSibling!.TextContent);
        Assert.Equal(3, post.QuerySelectorAll(".contents li").Length);
        Assert.NotNull(post.QuerySelector(".author-box"));
        Assert.NotNull(post.QuerySelector("h1 ~ .terms.above a[rel=tag]"));
        Assert.Equal(
            "Nights on the moor",
            (await PageAsync($"blogs/{_key}")).QuerySelector("meta[name=description]")!.GetAttribute("content")
        );
    }

    [Fact]
    public async Task Under_its_own_name_the_blog_answers_and_nothing_else_of_ours_does()
    {
        await WriteAsync("Moon", "Observing", "Dov Achterberg", "<p>Craters.</p>");
        await _host.Owner.PutJsonAsync(Pages, new { hostName = "Blog.Quillmoor.example", look = Usual });
        Assert.Contains("Moon", await UnderNameAsync(""));
        Assert.Contains("Moon", await UnderNameAsync("category/Observing"));
        // By this line the check of the name tells our pages from anybody else's robots.txt.
        Assert.Contains($"# Pages of the blog {_key}", await UnderNameAsync("robots.txt"));
        Assert.Null(await UnderNameAsync($"blogs/{_key}"));
        Assert.Contains("Craters", await UnderNameAsync(new Uri(await PostAddressAsync()).AbsolutePath.TrimStart('/')));
        foreach (var ours in new[] { "api/sites", "index.html", "assets/index.js", "sign-in" })
            Assert.Null(await UnderNameAsync(ours));
        Assert.Contains(
            $"http://blog.quillmoor.example:{_host.Address.Port}",
            (await _host.Owner.GetJsonAsync(_host.Api.TrimEnd('/'))).ToString()
        );
    }

    [Fact]
    public async Task Addresses_take_the_name_only_once_it_was_seen_to_lead_here()
    {
        await WriteAsync("Moon", "Observing", "Dov Achterberg", "<p>Craters.</p>");
        await _host.Owner.PutJsonAsync(Pages, new { hostName = "log.quillmoor.example", look = Usual });
        var seen = await _host.Owner.PostJsonAsync(Pages + "/host");
        Assert.Equal("false", seen.Text("isThere"));
        Assert.Contains("CNAME", seen.Text("trouble"));
        Assert.StartsWith(_host.Address.AbsoluteUri, await PostAddressAsync());
        await _host.InDatabaseAsync(database =>
            database
                .Blogs.Where(blog => blog.HostName == "log.quillmoor.example")
                .ExecuteUpdateAsync(set => set.SetProperty(blog => blog.HostSeenAt, DateTimeOffset.UnixEpoch))
        );
        Assert.StartsWith($"http://log.quillmoor.example:{_host.Address.Port}/posts/", await PostAddressAsync());
    }

    private static object Usual => new { };

    private string Pages => $"{_host.Api}blogs/{_host.Blog}/pages";

    private static object Colours(string background) =>
        new
        {
            background,
            text = "#f0f0f0",
            heading = "#ffffff",
            link = "#a0d0ff",
            byline = "#c0c0c0",
            accent = "#a0d0ff",
            line = "#404040",
        };

    private static object Type(string? family) =>
        new
        {
            family,
            size = (int?)null,
            weight = (int?)null,
        };

    private async Task<AngleSharp.Html.Dom.IHtmlDocument> PageAsync(string path) =>
        new HtmlParser().ParseDocument(
            await (await _host.Plain().GetAsync(path)).EnsureSuccessStatusCode().Content.ReadAsStringAsync()
        );

    private async Task<string> PostAddressAsync() =>
        (await _host.Owner.GetJsonAsync(_host.Api + "posts")).Text("posts.0.address");

    private async Task<string?> UnderNameAsync(string path)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        request.Headers.Host = "blog.quillmoor.example";
        using var answer = await _host.Plain().SendAsync(request);
        return answer.StatusCode == HttpStatusCode.NotFound ? null : await answer.Content.ReadAsStringAsync();
    }

    private Task<Json> WriteAsync(string title, string category, string author, string body, params string[] tags) =>
        _host.Owner.PostJsonAsync(
            _host.Api + "posts",
            new
            {
                blogId = _host.Blog,
                title,
                bodyHtml = body,
                status = "published",
                revision = 0,
                category,
                author,
                tags,
            }
        );

    private Task<Json> DatedAsync(string title, string date) =>
        _host.Owner.PostJsonAsync(
            _host.Api + "posts",
            new
            {
                blogId = _host.Blog,
                title,
                bodyHtml = "<p>Clear.</p>",
                status = "published",
                revision = 0,
                publishedAt = date,
            }
        );
}
