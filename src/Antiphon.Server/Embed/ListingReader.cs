using Antiphon.Core.Comments;
using Antiphon.Core.Html;
using Antiphon.Core.Listings;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Antiphon.Server.Listings;
using Antiphon.Server.Posts;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Embed;

/// <summary>Reads the entries of a listing from the database.</summary>
internal sealed class ListingReader(AntiphonContext database, CandidateReader candidates, PostAddresses addresses, IOptions<AntiphonOptions> options, TimeProvider clock)
{
    private const int WordsAMinute = 220;

    /// <summary>A page of a stored listing under another definition, for previews, or under its own.</summary>
    /// <param name="site">The site.</param>
    /// <param name="key">Key of the listing; empty for one that is not stored.</param>
    /// <param name="definition">What to show.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    /// <param name="page">Number of the page, from 1.</param>
    /// <param name="current">Address of the page the listing stands on, or null.</param>
    public async Task<ListingContent> ReadAsync(Site site, string key, ListingDefinition definition, CancellationToken cancellation, int page = 1, string? current = null)
    {
        var now = SiteCulture.Local(clock.GetUtcNow(), site.TimeZone);
        // Only public posts can be entries, so the rest need not be read; which of them are chosen is decided by the same code that explains it.
        var posts = database.Posts.Where(post => post.SiteId == site.Id && definition.Blogs.Contains(post.BlogId) && post.Status == PostStatus.Published && post.PublishedAt <= now.ToUniversalTime());
        var found = await candidates.ReadAsync(posts, CandidateReader.NeedsComments(definition), cancellation);
        var selection = ListingSelection.Choose(definition, found, now, FoldedAddress.Of(current));
        var entries = await EntriesAsync([.. selection.Page(page).Select(entry => entry.Id)], site, definition, cancellation);
        return new ListingContent(key, site, definition, entries, selection, page, await LinksAsync(key, definition, cancellation));
    }

    private async Task<List<ListingEntry>> EntriesAsync(List<long> chosen, Site site, ListingDefinition definition, CancellationToken cancellation)
    {
        var posts = await database.Posts.AsNoTracking().Include(post => post.Blog).Where(post => chosen.Contains(post.Id)).ToDictionaryAsync(post => post.Id, cancellation);
        var comments = definition.Form.Comments ? await CommentsAsync(chosen, cancellation) : null;
        return [.. chosen.Select(id => EntryOf(posts[id], site, definition.Form, comments))];
    }

    private async Task<Dictionary<long, int>> CommentsAsync(List<long> chosen, CancellationToken cancellation)
    {
        var rows = await database.Comments.Where(comment => comment.Thread.PostId != null && chosen.Contains(comment.Thread.PostId.Value) && comment.Standing == CommentStanding.Public)
            .GroupBy(comment => comment.Thread.PostId!.Value).Select(group => new { group.Key, Count = group.Count() }).ToListAsync(cancellation);
        return rows.ToDictionary(row => row.Key, row => row.Count);
    }

    private async Task<ListingLinks> LinksAsync(string key, ListingDefinition definition, CancellationToken cancellation)
    {
        var first = definition.Blogs.Count == 0 ? 0 : definition.Blogs[0];
        var blog = await database.Blogs.AsNoTracking().FirstOrDefaultAsync(one => one.Id == first, cancellation);
        return new ListingLinks(
            options.Value.AddressOf($"embed/listings/{key}"), blog is null ? string.Empty : addresses.OfBlog(blog), blog is null ? string.Empty : options.Value.AddressOf($"feeds/{blog.Key}.rss"));
    }

    private ListingEntry EntryOf(Post post, Site site, EntryForm form, Dictionary<long, int>? comments)
    {
        var text = HtmlText.Of(post.BodyHtml);
        return new ListingEntry(
            post.Key, form.TitleLength is { } length ? Shortened.ToLength(post.Title, length) : post.Title, addresses.Of(post), post.PublishedAt,
            post.PublishedAt is { } date ? SiteCulture.DateText(date, site.Language, site.TimeZone, form.DatePattern) : null,
            post.Author, post.Category, post.Excerpt ?? Shortened.ToWords(text, form.ExcerptWords), post.PictureAddress, post.PictureAlt)
        {
            Tags = post.Tags,
            Source = post.Blog.Name,
            SourceLink = addresses.OfBlog(post.Blog),
            Minutes = Math.Max(1, (int)Math.Round(text.Count(char.IsWhiteSpace) / (double)WordsAMinute)),
            Comments = comments?.GetValueOrDefault(post.Id),
        };
    }
}
