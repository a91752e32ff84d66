using System.IO.Compression;
using System.Text;
using Antiphon.Core.Pictures;
using Antiphon.Core.Posts;
using Antiphon.Core.PublicPages;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Feeds;
using Antiphon.Data.Posts;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.PublicPages.Blogs;
using Antiphon.Server.PublicPages.Posts;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Exporting;

/// <summary>
/// Writes a whole blog as pages that any web server shows: lists, posts, categories, tags, authors, archive, feeds,
/// styles and pictures.
/// </summary>
internal sealed class StaticPages(
    AntiphonContext database,
    BlogPageReader lists,
    BlogPageMarkup markup,
    PostPageReader posts,
    OwnFeedReader feeds,
    ArchivedPictures pictures,
    PostAddresses addresses,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    /// <summary>Writes the archive.</summary>
    /// <param name="blog">The blog with its site.</param>
    /// <param name="target">Where the pages will be, with trailing slash; null leaves canonical addresses as they
    /// are.</param>
    /// <param name="output">A stream that can be sought in.</param>
    /// <param name="cancellation">Ends the writing early.</param>
    public async Task WriteAsync(Blog blog, string? target, Stream output, CancellationToken cancellation)
    {
        await pictures.LearnAsync(blog.SiteId, cancellation);
        var pages = await ListsAsync(blog, cancellation);
        var written = await PostsAsync(blog, cancellation);
        var files = pages.ToDictionary(page => page.Address, page => page.File);
        files[addresses.OfBlog(blog)] = "index.html";
        foreach (var post in written)
            (files[addresses.Of(post)], files[addresses.Own(post)]) = (FileOf(post), FileOf(post));
        foreach (var form in FeedForm.All)
            files[options.Value.AddressOf($"feeds/{blog.Key}{form.Suffix}")] = "feed" + form.Suffix;
        files[options.Value.AddressOf($"feeds/{blog.Key}")] = "feed.rss";
        var taken = new HashSet<string>();
        var links = new StaticLinks(files, Take, target);
        using var archive = new ZipArchive(output, ZipArchiveMode.Create, leaveOpen: true);
        var styles = new SharedStyles();
        foreach (var page in pages)
            await AddAsync(
                archive,
                page.File,
                styles.TakeFrom(links.Rewrite(page.Html, page.File), page.File),
                cancellation
            );
        foreach (var post in written)
        {
            var html = PostPageMarkup.Page(
                await posts.ReadAsync(post, isPreview: false, cancellation),
                addresses,
                options.Value
            );
            await AddAsync(
                archive,
                FileOf(post),
                styles.TakeFrom(links.Rewrite(html, FileOf(post)), FileOf(post)),
                cancellation
            );
        }

        foreach (var (file, css) in styles.Files)
            await AddAsync(archive, file, css, cancellation);
        await AddFeedsAsync(archive, blog, links, cancellation);
        await AddMapAsync(archive, files, links, target, cancellation);
        await pictures.WriteAsync(archive, taken, cancellation);

        string? Take(string address)
        {
            if (PictureAddress.Parse(address) is not { } own)
                return null;
            taken.Add(own.Key);
            return pictures.FileOf(own.Key);
        }
    }

    private async Task<List<StaticPage>> ListsAsync(Blog blog, CancellationToken cancellation)
    {
        var pages = new List<StaticPage>();
        await FollowAsync(pages, "index", addresses.OfPage(blog, string.Empty), before =>
            lists.FirstAsync(blog, before, cancellation)!
        );
        var now = clock.GetUtcNow();
        var open = database.Posts.AsNoTracking().PublicAt(now).Where(post => post.BlogId == blog.Id);
        foreach (var name in await lists.CategoryNamesAsync(blog, cancellation))
            await TermAsync("category", name, before => lists.CategoryAsync(blog, name, before, cancellation));
        foreach (
            var name in await open.Where(post => post.Author != null)
                .Select(post => post.Author!)
                .Distinct()
                .ToListAsync(cancellation)
        )
            await TermAsync("author", name, before => lists.AuthorAsync(blog, name, before, cancellation));
        var tags = (await open.Select(post => post.Tags).ToListAsync(cancellation)).SelectMany(all => all).Distinct();
        foreach (var name in tags)
            await TermAsync("tag", name, before => lists.TagAsync(blog, name, before, cancellation));
        var archive = await lists.ArchiveAsync(blog, cancellation);
        pages.Add(new StaticPage(addresses.OfPage(blog, "archive"), "archive/index.html", markup.Page(archive)));
        foreach (var month in archive.Years.SelectMany(year => year.Months))
        {
            var name = month.Address.Split('/')[^1];
            pages.Add(
                new StaticPage(
                    month.Address,
                    $"archive/{name}.html",
                    markup.Page((await lists.MonthAsync(blog, name, cancellation))!)
                )
            );
        }

        return pages;

        Task TermAsync(string kind, string name, Func<string?, Task<BlogPageContent?>> read) =>
            FollowAsync(
                pages,
                FreeFile(pages, $"{kind}/{Slug.FromTitle(name)}"),
                addresses.OfPage(blog, $"{kind}/{Uri.EscapeDataString(name)}"),
                read
            );
    }

    // A list and the pages that follow it, which lie in a folder no other list's name can reach, each known by the
    // address that leads to it.
    private async Task FollowAsync(
        List<StaticPage> pages,
        string stem,
        string address,
        Func<string?, Task<BlogPageContent?>> read
    )
    {
        string? before = null;
        for (var number = 1; await read(before) is { } content; number++)
        {
            pages.Add(
                new StaticPage(address, number == 1 ? $"{stem}.html" : $"{stem}/{number}.html", markup.Page(content))
            );
            if (content.Older is not { } older)
                return;
            (address, before) = (
                older,
                older[(older.IndexOf("before=", StringComparison.Ordinal) + "before=".Length)..]
            );
        }
    }

    private static string FreeFile(List<StaticPage> pages, string stem) =>
        Slug.MakeUnique(stem, taken => pages.Exists(page => page.File == $"{taken}.html"));

    private async Task<List<Post>> PostsAsync(Blog blog, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var found = await database
            .Posts.AsNoTracking()
            .PublicAt(now)
            .Where(post => post.BlogId == blog.Id)
            .OrderByDescending(post => post.PublishedAt)
            .ToListAsync(cancellation);
        foreach (var post in found)
            post.Blog = blog;
        return found;
    }

    // Slugs are of their kind within a blog.
    private static string FileOf(Post post) => $"posts/{post.Slug}.html";

    private async Task AddFeedsAsync(ZipArchive archive, Blog blog, StaticLinks links, CancellationToken cancellation)
    {
        foreach (var form in FeedForm.All)
        {
            if (
                await feeds.ReadAsync(new FeedAsked(FeedSubject.Blog, blog.Key, form), cancellation) is not { } found
                || !form.IsOn(found.Settings)
            )
                continue;
            found.Feed.Link = links.AddressOf(found.Feed.Link ?? string.Empty);
            found.Feed.FeedLink = links.AddressOf(found.Feed.FeedLink ?? string.Empty);
            foreach (var item in found.Feed.Items)
                item.Link = links.AddressOf(item.Link ?? string.Empty);
            await AddAsync(
                archive,
                "feed" + form.Suffix,
                Encoding.UTF8.GetString(form.Write(found.Feed)),
                cancellation
            );
        }
    }

    // A sitemap needs whole addresses (sitemaps.org 0.9), so there is none before it is known where the pages will be.
    private static async Task AddMapAsync(
        ZipArchive archive,
        Dictionary<string, string> files,
        StaticLinks links,
        string? target,
        CancellationToken cancellation
    )
    {
        if (target is null)
            return;
        var places = files
            .Where(pair => pair.Value.EndsWith(".html", StringComparison.Ordinal))
            .Select(pair => links.AddressOf(pair.Key))
            .Distinct()
            .Order(StringComparer.Ordinal);
        await AddAsync(
            archive,
            "sitemap.xml",
            $"<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<urlset xmlns=\"http://www.sitemaps.org/schemas/sitemap/0.9\">{string.Concat(places.Select(place => $"<url><loc>{Encoded.Html(place)}</loc></url>"))}</urlset>",
            cancellation
        );
        await AddAsync(
            archive,
            "robots.txt",
            $"User-agent: *\nAllow: /\n\nSitemap: {target}sitemap.xml\n",
            cancellation
        );
    }

    private static async Task AddAsync(ZipArchive archive, string file, string text, CancellationToken cancellation)
    {
        await using var entry = archive.CreateEntry(file).Open();
        await entry.WriteAsync(Encoding.UTF8.GetBytes(text), cancellation);
    }

    private sealed record StaticPage(string Address, string File, string Html);
}
