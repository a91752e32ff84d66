using System.Globalization;
using Antiphon.Core.Html;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Posts.Terms;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Server.Listings.Markup;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Search;
using Microsoft.EntityFrameworkCore;
using HomeView = Antiphon.Core.Listings.Entries.BlogPart;

namespace Antiphon.Server.PublicPages.Blogs;

/// <summary>Reads what the pages of a blog show.</summary>
internal sealed class BlogPageReader(
    AntiphonContext database,
    PostTextSearch search,
    PostAddresses addresses,
    TimeProvider clock
)
{
    /// <summary>Posts on one page.</summary>
    public const int PageSize = 20;

    private const int ExcerptWords = 40;

    /// <summary>The blog's first page, or the page after a place in it.</summary>
    public async Task<BlogPageContent> FirstAsync(Blog blog, string? before, CancellationToken cancellation)
    {
        var cursor = PostCursor.Parse(before);
        var pinned = cursor is null
            ? await Public(blog)
                .Where(post => post.IsPinned)
                .OrderByDescending(post => post.PublishedAt)
                .ToListAsync(cancellation)
            : [];
        // Pinned posts stand at the top once, not again where their date puts them.
        var page = await PageAsync(
            blog,
            Public(blog).Where(post => !post.IsPinned),
            string.Empty,
            cursor,
            cancellation
        );
        return new BlogPageContent(
            blog,
            blog.Name,
            Canonical(blog, HomeView.Index, string.Empty),
            [.. pinned.Select(post => EntryOf(blog, post)), .. page.Entries]
        )
        {
            About = cursor is null ? blog.Description : null,
            Older = page.Older,
            IsFirst = true,
            IsHidden = cursor is not null,
            Categories = await CategoriesAsync(blog, cancellation),
        };
    }

    /// <summary>The posts of a category and everything below it; null when there is no such category.</summary>
    public async Task<BlogPageContent?> CategoryAsync(
        Blog blog,
        string name,
        string? before,
        CancellationToken cancellation
    )
    {
        var known = await database
            .Categories.AsNoTracking()
            .Where(category => category.SiteId == blog.SiteId)
            .ToListAsync(cancellation);
        var said = known.Find(category => string.Equals(category.Name, name, StringComparison.OrdinalIgnoreCase));
        var below = new CategoryTree(known.Select(category => new CategoryNode(category.Name, category.Above)))
            .WithAllBelow(said?.Name ?? name)
            .ToList();
        var path = "category/" + Uri.EscapeDataString(name);
        var page = await PageAsync(
            blog,
            Public(blog)
                .Where(post =>
                    (post.Category != null && below.Contains(post.Category))
                    || post.MoreCategories.Any(more => below.Contains(more))
                ),
            path,
            PostCursor.Parse(before),
            cancellation
        );
        return page.Entries.Count == 0 && said is null
            ? null
            : new BlogPageContent(
                blog,
                said?.Name ?? name,
                Canonical(blog, new HomeView(BlogPartKind.Category, name), path),
                page.Entries
            )
            {
                About = said?.Description,
                Older = page.Older,
                IsHidden = before is not null,
            };
    }

    /// <summary>The posts with a tag; null when there are none.</summary>
    public async Task<BlogPageContent?> TagAsync(Blog blog, string name, string? before, CancellationToken cancellation)
    {
        var path = "tag/" + Uri.EscapeDataString(name);
        var page = await PageAsync(
            blog,
            Public(blog).Where(post => post.Tags.Contains(name)),
            path,
            PostCursor.Parse(before),
            cancellation
        );
        return page.Entries.Count == 0
            ? null
            : new BlogPageContent(
                blog,
                "#" + name,
                Canonical(blog, new HomeView(BlogPartKind.Tag, name), path),
                page.Entries
            )
            {
                Older = page.Older,
                IsHidden = before is not null,
            };
    }

    /// <summary>The posts of an author; null when there are none.</summary>
    public async Task<BlogPageContent?> AuthorAsync(
        Blog blog,
        string name,
        string? before,
        CancellationToken cancellation
    )
    {
        var path = "author/" + Uri.EscapeDataString(name);
        var page = await PageAsync(
            blog,
            Public(blog).Where(post => post.Author == name),
            path,
            PostCursor.Parse(before),
            cancellation
        );
        if (page.Entries.Count == 0)
            return null;
        var said = await database
            .Authors.AsNoTracking()
            .FirstOrDefaultAsync(author => author.SiteId == blog.SiteId && author.Name == name, cancellation);
        return new BlogPageContent(blog, name, addresses.OfPage(blog, path), page.Entries)
        {
            Author = new BlockAuthor(name, said?.About, said?.Link, said?.PictureAddress),
            Older = page.Older,
            IsHidden = before is not null,
        };
    }

    /// <summary>All months with posts.</summary>
    public async Task<BlogPageContent> ArchiveAsync(Blog blog, CancellationToken cancellation)
    {
        var dates = await Public(blog).Select(post => post.PublishedAt).ToListAsync(cancellation);
        var months = dates
            .Select(date => SiteCulture.Local(date!.Value, blog.Site.TimeZone))
            .GroupBy(date => (date.Year, date.Month))
            .OrderByDescending(group => group.Key.Year)
            .ThenByDescending(group => group.Key.Month);
        var years = months.GroupBy(
            month => month.Key.Year,
            month => new ArchiveMonth(
                SiteCulture.Month(month.First(), blog.Site.Language),
                addresses.OfPage(
                    blog,
                    string.Create(CultureInfo.InvariantCulture, $"archive/{month.Key.Year:0000}-{month.Key.Month:00}")
                ),
                month.Count()
            )
        );
        return new BlogPageContent(
            blog,
            ListingTexts.For(blog.Site.Language).Archive,
            Canonical(blog, new HomeView(BlogPartKind.Archive), "archive"),
            []
        )
        {
            Years = [.. years.Select(year => new ArchiveYear(year.Key, [.. year]))],
        };
    }

    /// <summary>
    /// The posts of a month of the site's clocks, such as "2026-11"; null when it is none or has none.
    /// </summary>
    public async Task<BlogPageContent?> MonthAsync(Blog blog, string month, CancellationToken cancellation)
    {
        // The first and last years there are have no day before or behind them.
        if (HomeView.MonthOf(month) is not { Year: > 1 and < 9999 } first)
            return null;
        // A day more at each end reaches every zone; what belongs to the month is then told by the site's clocks.
        var (from, to) = (first.AddDays(-1), first.AddMonths(1).AddDays(1));
        var posts = await Public(blog)
            .Where(post => post.PublishedAt >= from && post.PublishedAt < to)
            .OrderByDescending(post => post.PublishedAt)
            .ThenByDescending(post => post.Id)
            .ToListAsync(cancellation);
        var within = posts
            .Where(post =>
                SiteCulture.Local(post.PublishedAt!.Value, blog.Site.TimeZone) is var local
                && local.Year == first.Year
                && local.Month == first.Month
            )
            .Select(post => EntryOf(blog, post))
            .ToList();
        return within.Count == 0
            ? null
            : new BlogPageContent(
                blog,
                SiteCulture.Month(first, blog.Site.Language),
                Canonical(blog, new HomeView(BlogPartKind.Month, month), "archive/" + month),
                within
            );
    }

    /// <summary>What a search finds; nothing before anything is searched for.</summary>
    public async Task<BlogPageContent> SearchAsync(Blog blog, string? asked, CancellationToken cancellation)
    {
        var words = (asked ?? string.Empty).Trim();
        var matches = await search.FindAsync(
            blog.SiteId,
            SearchWords.AllOf(SearchWords.Of(words)),
            PostTextSearch.Most,
            cancellation,
            blog.Id
        );
        var ids = matches.Select(match => match.PostId).ToList();
        var posts = await Public(blog)
            .Where(post => ids.Contains(post.Id))
            .ToDictionaryAsync(post => post.Id, cancellation);
        var found = matches
            .Where(match => posts.ContainsKey(match.PostId))
            .Select(match =>
                EntryOf(blog, posts[match.PostId]) with
                {
                    Title = SearchMarkup.Marked(match.Title),
                    Excerpt = SearchMarkup.Marked(match.Extract),
                }
            );
        return new BlogPageContent(
            blog,
            ListingTexts.For(blog.Site.Language).Search,
            addresses.OfPage(blog, "search"),
            [.. found]
        )
        {
            Search = words,
            IsHidden = true,
        };
    }

    private IQueryable<Post> Public(Blog blog)
    {
        var now = clock.GetUtcNow();
        return database.Posts.AsNoTracking().PublicAt(now).Where(post => post.BlogId == blog.Id);
    }

    private async Task<(IReadOnlyList<PageEntry> Entries, string? Older)> PageAsync(
        Blog blog,
        IQueryable<Post> posts,
        string path,
        PostCursor? before,
        CancellationToken cancellation
    )
    {
        if (before is not null)
            posts = posts.Where(post =>
                post.PublishedAt < before.Date || (post.PublishedAt == before.Date && post.Id < before.Id)
            );
        var rows = await posts
            .OrderByDescending(post => post.PublishedAt)
            .ThenByDescending(post => post.Id)
            .Take(PageSize + 1)
            .ToListAsync(cancellation);
        var shown = rows.Take(PageSize).ToList();
        var last = rows.Count > PageSize ? shown[^1] : null;
        return (
            [.. shown.Select(post => EntryOf(blog, post))],
            last is null
                ? null
                : addresses.OfPage(blog, $"{path}?before={new PostCursor(last.PublishedAt!.Value, last.Id)}")
        );
    }

    private PageEntry EntryOf(Blog blog, Post post)
    {
        post.Blog = blog;
        var excerpt = post.Excerpt ?? Shortened.ToWords(post.PlainText ?? HtmlText.Of(post.BodyHtml), ExcerptWords);
        return new PageEntry(
            Encoded.Html(post.Title),
            addresses.Of(post),
            SiteCulture.LongDate(post.PublishedAt!.Value, blog.Site.Language, blog.Site.TimeZone),
            post.PublishedAt.Value,
            post.Author,
            post.Category,
            Encoded.Html(excerpt),
            post.ListingPicture
        );
    }

    private async Task<IReadOnlyList<BlockLink>> CategoriesAsync(Blog blog, CancellationToken cancellation) =>
        [
            .. (await CategoryNamesAsync(blog, cancellation))
                .Order(StringComparer.CurrentCultureIgnoreCase)
                .Select(name => new BlockLink(name, addresses.OfPage(blog, "category/" + Uri.EscapeDataString(name)))),
        ];

    /// <summary>Every category with a public post.</summary>
    public async Task<IReadOnlyList<string>> CategoryNamesAsync(Blog blog, CancellationToken cancellation)
    {
        var first = await Public(blog)
            .Where(post => post.Category != null)
            .Select(post => post.Category!)
            .Distinct()
            .ToListAsync(cancellation);
        var more = await Public(blog)
            .Where(post => post.MoreCategories.Count > 0)
            .Select(post => post.MoreCategories)
            .ToListAsync(cancellation);
        return [.. first.Union(more.SelectMany(names => names))];
    }

    // A blog that lives in a page of the site has its views there; ours are then copies.
    private string Canonical(Blog blog, HomeView view, string path)
    {
        if (blog is not { ShowsPostsAtHome: true, HomeAddress: { } home })
            return addresses.OfPage(blog, path);
        return view.Kind == BlogPartKind.Index ? home : view.In(home);
    }
}
