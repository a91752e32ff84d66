using System.Net;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.PublicPages;

/// <summary>The page of a post as readers and machines meet it.</summary>
public sealed class PostPageTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task The_head_tells_search_engines_and_networks()
    {
        var post = await SaveAsync(
            "Frost & \"rime\"",
            "<p>It grows </script><script>x()</script> inwards.</p>",
            new
            {
                searchTitle = "Frost on a finder",
                searchDescription = "How it grows",
                socialTitle = "Rime!",
                language = "de",
            }
        );
        var page = await PageAsync(post);
        Assert.Contains("<title>Frost on a finder</title>", page, StringComparison.Ordinal);
        Assert.Contains("<html lang=\"de\" dir=\"ltr\">", page, StringComparison.Ordinal);
        Assert.Contains("<meta name=\"description\" content=\"How it grows\">", page, StringComparison.Ordinal);
        Assert.Contains("<meta property=\"og:title\" content=\"Rime!\">", page, StringComparison.Ordinal);
        Assert.DoesNotContain("noindex", page, StringComparison.Ordinal);
        var data = JsonNode.Parse(
            Regex.Match(page, "<script type=\"application/ld\\+json\">(.*?)</script>").Groups[1].Value
        )!;
        Assert.Equal(
            ("BlogPosting", "Frost & \"rime\"", post.Text("address")),
            ((string)data["@type"]!, (string)data["headline"]!, (string)data["url"]!)
        );
    }

    [Fact]
    public async Task A_post_can_live_elsewhere_and_hide()
    {
        var post = await SaveAsync(
            "Hidden",
            "<p>x</p>",
            new { canonicalAddress = "https://elsewhere.example/hidden", hiddenFromSearch = true }
        );
        var page = await PageAsync(post);
        Assert.Contains(
            "<link rel=\"canonical\" href=\"https://elsewhere.example/hidden\">",
            page,
            StringComparison.Ordinal
        );
        Assert.Contains("<meta name=\"robots\" content=\"noindex\">", page, StringComparison.Ordinal);
        Assert.DoesNotContain(post.Text("address"), await SitemapAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Marks_are_filled_and_neighbours_found()
    {
        await host.Owner.PutJsonAsync(
            host.Api + "terms/authors",
            new { name = "Ida Marsh", about = "Counts meteors." }
        );
        var older = await SaveAsync(
            "Meteors of August",
            "<p>Perseids, perseids and perseids over the wall.</p>",
            null,
            "2025-08-12T21:00:00Z"
        );
        var post = await SaveAsync(
            "Meteors of December",
            "<div class=\"block-contents\"></div><h2>What we saw</h2><p>Geminids<span class=\"footnote\">Not perseids.</span> over the wall.</p><div class=\"block-author\"></div>",
            null,
            "2025-12-13T21:00:00Z",
            "Ida Marsh"
        );
        var newer = await SaveAsync("A talk", "<p>Tea.</p>", null, "2026-01-13T21:00:00Z");
        var page = await PageAsync(post);
        Assert.Contains("<a href=\"#what-we-saw\">What we saw</a>", page, StringComparison.Ordinal);
        Assert.Contains("<section class=\"footnotes\"", page, StringComparison.Ordinal);
        Assert.Contains("Counts meteors.", page, StringComparison.Ordinal);
        Assert.Contains($"<a rel=\"prev\" href=\"{older.Text("address")}\">", page, StringComparison.Ordinal);
        Assert.Contains($"<a rel=\"next\" href=\"{newer.Text("address")}\">", page, StringComparison.Ordinal);
        Assert.Contains("<aside class=\"related\">", page, StringComparison.Ordinal);
        var feed = await host.Plain().GetStringAsync($"feeds/{await BlogKeyAsync()}.rss");
        Assert.DoesNotContain("block-", feed, StringComparison.Ordinal);
        Assert.Contains("Not perseids.", feed, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_preview_shows_what_waits_to_whoever_has_its_address_until_it_is_over()
    {
        var draft = await host.WriteAsync("Not yet public", "draft", "<p>Secret words</p>");
        var link = (await host.Owner.PostJsonAsync($"{host.Api}posts/{draft.Number("id")}/preview-link")).Text(
            "address"
        );
        var page = await host.Plain().GetStringAsync(link);
        Assert.Contains("Secret words", page, StringComparison.Ordinal);
        Assert.Contains("noindex", page, StringComparison.Ordinal);
        var post = await host.WriteAsync("Public now");
        var other = (await host.Owner.PostJsonAsync($"{host.Api}posts/{post.Number("id")}/preview-link")).Text(
            "address"
        );
        await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}/waiting",
            new
            {
                blogId = host.Blog,
                title = "Better soon",
                bodyHtml = "<p>Later words<script>x()</script></p>",
                status = "published",
                revision = 1,
            }
        );
        var preview = await host.Plain().GetStringAsync(other);
        Assert.Contains("Later words</p>", preview, StringComparison.Ordinal);
        Assert.DoesNotContain(
            "Later words",
            await host.Plain().GetStringAsync(post.Text("address")),
            StringComparison.Ordinal
        );
        await host.InDatabaseAsync(database =>
            database.PreviewLinks.ExecuteUpdateAsync(set =>
                set.SetProperty(one => one.ExpiresAt, DateTimeOffset.UtcNow.AddMinutes(-1))
            )
        );
        Assert.Equal(HttpStatusCode.Gone, (await host.Plain().GetAsync(link)).StatusCode);
    }

    [Fact]
    public async Task A_public_post_that_is_saved_again_is_announced_to_nobody()
    {
        var post = await host.WriteAsync("Announced once");
        // Whoever subscribes before it is announced gets it, too.
        await Eventually.TrueAsync("the announcement", () =>
            host.InDatabaseAsync(async database => !await database.PostChanges.AnyAsync())
        );
        await host.Owner.PostJsonAsync(
            host.Api + "subscribers",
            new { mail = $"late-{post.Number("id")}@fellside.example", name = "Late" }
        );
        await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}",
            new
            {
                blogId = host.Blog,
                title = "Announced once",
                bodyHtml = "<p>y</p>",
                status = "published",
                revision = 1,
            }
        );
        Assert.Equal(
            0,
            await host.InDatabaseAsync(database =>
                database.Deliveries.CountAsync(delivery =>
                    delivery.Edition.Posts.Any(brought => brought.PostId == post.Number("id"))
                )
            )
        );
    }

    [Fact]
    public async Task A_blog_is_taken_out_and_can_be_brought_in_again()
    {
        var blog = (await host.Owner.PostJsonAsync(host.Api + "blogs", new { name = "Taken out" })).Number("id");
        await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = blog,
                title = "Frost: on the finder",
                bodyHtml = "<p>It <strong>grows</strong>.</p>",
                author = "Ida",
                category = "Night Log",
                tags = new[] { "cold" },
                status = "published",
                revision = 0,
                publishedAt = "2025-11-24T20:00:00Z",
            }
        );
        foreach (
            var (form, type) in new[]
            {
                ("markdown", "application/zip"),
                ("html", "application/zip"),
                ("json", "application/json"),
                ("atom", "application/atom+xml"),
            }
        )
        {
            var answer = await host.Owner.GetAsync($"{host.Api}blogs/{blog}/export/{form}");
            Assert.Equal((HttpStatusCode.OK, type), (answer.StatusCode, answer.Content.Headers.ContentType?.MediaType));
        }

        var other = (await host.Owner.PostJsonAsync(host.Api + "blogs", new { name = "Brought in" })).Number("id");
        using var archive = new ByteArrayContent(
            await host.Owner.GetByteArrayAsync($"{host.Api}blogs/{blog}/export/markdown")
        );
        var import = await HttpTalk.GoodAsync(
            await host.Owner.PostAsync($"{host.Api}imports?blog={other}&name=log.zip", archive)
        );
        var trial = await host.Owner.PostJsonAsync(
            $"{host.Api}imports/{import.Number("summary.id")}/trial",
            import.Root!["plan"]
        );
        Assert.Equal(
            (1, "Frost: on the finder", "24 Nov 2025 20:00", "Ida", "Night Log", "cold"),
            (
                trial.Number("make"),
                trial.Text("rows.0.title"),
                trial.Text("rows.0.date"),
                trial.Text("rows.0.author"),
                trial.Text("rows.0.category"),
                trial.Text("rows.0.tags.0")
            )
        );
    }

    private Task<Json> SaveAsync(
        string title,
        string body,
        object? details,
        string? date = null,
        string? author = null
    ) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = body,
                status = "published",
                revision = 0,
                details,
                publishedAt = date,
                author,
            }
        );

    private Task<string> PageAsync(Json post) => host.Plain().GetStringAsync(post.Text("address"));

    private Task<string> BlogKeyAsync() =>
        host.InDatabaseAsync(database =>
            database.Blogs.Where(blog => blog.Id == host.Blog).Select(blog => blog.Key).SingleAsync()
        );

    private async Task<string> SitemapAsync() =>
        await host.Plain().GetStringAsync($"blogs/{await BlogKeyAsync()}/sitemap.xml");
}
