using Antiphon.Core.Html;
using Antiphon.Core.Listings;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Embed;

/// <summary>Reads the entries of a listing from the database.</summary>
internal sealed class ListingReader(AntiphonContext database, PostAddresses addresses, TimeProvider clock)
{
    private const int ExcerptWords = 30;

    /// <summary>The content of a stored listing under another definition, for previews, or under its own.</summary>
    public async Task<ListingContent> ReadAsync(Site site, string key, ListingDefinition definition, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        // Only public posts can be entries, so the rest need not be read; which of them are chosen is decided by the same code that explains it.
        var candidates = await database.Posts.AsNoTracking()
            .Where(post => post.SiteId == site.Id && definition.Blogs.Contains(post.BlogId) && post.Status == PostStatus.Published && post.PublishedAt <= now)
            .Select(post => new ListingCandidate(post.Id, post.BlogId, post.Title, post.Status, post.PublishedAt)).ToListAsync(cancellation);
        var selection = ListingSelection.Choose(definition, candidates, now);
        var chosen = selection.Entries.Select(entry => entry.Id).ToList();
        var posts = await database.Posts.AsNoTracking().Where(post => chosen.Contains(post.Id)).ToDictionaryAsync(post => post.Id, cancellation);
        return new ListingContent(key, site, definition, [.. chosen.Select(id => EntryOf(posts[id], site))], selection.Fitting.Count);
    }

    private ListingEntry EntryOf(Post post, Site site) => new(
        post.Key, post.Title, addresses.Of(post), post.PublishedAt,
        post.PublishedAt is { } date ? SiteCulture.LongDate(date, site.Language, site.TimeZone) : null,
        post.Author, post.Category, post.Excerpt ?? Shortened.ToWords(HtmlText.Of(post.BodyHtml), ExcerptWords), post.PictureAddress, post.PictureAlt);
}
