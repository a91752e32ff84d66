using System.IO.Compression;
using System.Net;
using AngleSharp.Html.Parser;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Exporting;

public sealed class StaticPageTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_whole_blog_is_taken_along_and_every_link_within_it_leads_to_a_file()
    {
        for (var i = 0; i < 25; i++)
            await WriteAsync($"Night {i:00}", i % 2 == 0 ? "Observing" : "Café & sky", "dark", "Dark");
        using var archive = await ArchiveAsync("?target=https://blog.quillmoor.example");
        var names = archive.Entries.Select(entry => entry.FullName).ToHashSet();
        foreach (
            var expected in new[]
            {
                "index.html",
                "index/2.html",
                "posts/night-00.html",
                "category/observing.html",
                "category/cafe-sky.html",
                "tag/dark.html",
                "author/imogen-tarrant.html",
                "archive/index.html",
                "feed.rss",
                "feed.atom",
                "feed.json",
                "styles/pages.css",
                "sitemap.xml",
                "robots.txt",
            }
        )
            Assert.Contains(expected, names);
        foreach (
            var entry in archive.Entries.Where(entry => entry.FullName.EndsWith(".html", StringComparison.Ordinal))
        )
        {
            var page = await new HtmlParser().ParseDocumentAsync(entry.Open());
            var here = new Uri("https://files.example/" + entry.FullName);
            foreach (
                var link in page.QuerySelectorAll("a[href], link[rel=stylesheet]")
                    .Select(one => one.GetAttribute("href")!)
                    .Where(href => !href.StartsWith('#') && !href.Contains(':', StringComparison.Ordinal))
            )
                Assert.Contains(new Uri(here, link).AbsolutePath.TrimStart('/'), names);
            Assert.DoesNotContain(page.QuerySelectorAll("a[href]"), link =>
                link.GetAttribute("href")!.StartsWith($"{host.Address}blogs/", StringComparison.Ordinal)
            );
            Assert.Empty(page.QuerySelectorAll("head style"));
        }

        Assert.Contains("https://blog.quillmoor.example/posts/night-00.html", await TextAsync(archive, "sitemap.xml"));
        Assert.Contains(
            "<link>https://blog.quillmoor.example/posts/night-24.html</link>",
            await TextAsync(archive, "feed.rss")
        );
    }

    [Fact]
    public async Task Where_it_will_be_may_stay_open_and_must_be_an_address()
    {
        await WriteAsync("Alone", "Observing");
        using var archive = await ArchiveAsync(string.Empty);
        Assert.DoesNotContain(archive.Entries, entry => entry.FullName == "sitemap.xml");
        var refused = await (
            await host.Owner.GetAsync($"{host.Api}blogs/{host.Blog}/export/pages?target=blog")
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.True(refused.Has("errors.target"));
    }

    private async Task<ZipArchive> ArchiveAsync(string query) =>
        new(new MemoryStream(await host.Owner.GetByteArrayAsync($"{host.Api}blogs/{host.Blog}/export/pages{query}")));

    private static async Task<string> TextAsync(ZipArchive archive, string name)
    {
        using var reader = new StreamReader(archive.GetEntry(name)!.Open());
        return await reader.ReadToEndAsync();
    }

    private Task<Json> WriteAsync(string title, string category, params string[] tags) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = "<p>Clear.</p>",
                status = "published",
                revision = 0,
                category,
                tags,
                author = "Imogen Tarrant",
            }
        );
}
