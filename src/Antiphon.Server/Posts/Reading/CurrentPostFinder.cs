using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Related;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Platform;
using Antiphon.Server.Search;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Posts.Reading;

/// <summary>Finds the post that lives at the address of a page, and what is like it.</summary>
internal sealed class CurrentPostFinder(
    AntiphonContext database,
    PostTextSearch search,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    private const int MostByTerms = 120;
    private const int MostByWords = 80;
    private const int WordsAsked = 16;

    /// <summary>
    /// The post of a page, with its relations where the listing orders by them; null when the page is no post of the
    /// site.
    /// </summary>
    public async Task<CurrentPost?> FindAsync(
        Site site,
        ListingDefinition definition,
        string? at,
        CancellationToken cancellation
    )
    {
        if (at is null || await FindPostAsync(site, at, cancellation) is not { } post)
            return null;
        return new CurrentPost(
            post.Id,
            definition.Order == ListingOrder.Related ? await RelationsAsync(post, definition.Blogs, cancellation) : null
        );
    }

    /// <summary>The posts of the same blog most like one, the likest first.</summary>
    public async Task<IReadOnlyList<long>> RelatedAsync(Post post, int most, CancellationToken cancellation) =>
        [
            .. (await RelationsAsync(post, [post.BlogId], cancellation))
                .OrderByDescending(pair => pair.Value.Score)
                .ThenByDescending(pair => pair.Key)
                .Take(most)
                .Select(pair => pair.Key),
        ];

    /// <summary>The post that lives at an address, or null.</summary>
    public async Task<Post?> FindPostAsync(Site site, string at, CancellationToken cancellation)
    {
        var posts = database.Posts.AsNoTracking().Include(post => post.Blog).Where(post => post.SiteId == site.Id);
        if (KeyOf(at) is { } key)
            return await posts.FirstOrDefaultAsync(post => post.Key == key, cancellation);
        // Addresses of followed posts are stored as their feeds wrote them; the host narrows them down, the folded form
        // decides.
        if (FoldedAddress.Of(at) is not { } folded || !Uri.TryCreate(at, UriKind.Absolute, out var uri))
            return null;
        var host = $"%{uri.Host}%";
        var near = await posts
            .Where(post => post.SourceAddress != null && EF.Functions.Like(post.SourceAddress, host))
            .Select(post => new { post.Id, post.SourceAddress })
            .ToListAsync(cancellation);
        var found = near.FirstOrDefault(post => FoldedAddress.Of(post.SourceAddress) == folded);
        return found is null ? null : await posts.FirstOrDefaultAsync(post => post.Id == found.Id, cancellation);
    }

    /// <summary>
    /// The key that stands in the address of a post with us, or in a page in which the whole blog lives.
    /// </summary>
    private string? KeyOf(string at)
    {
        if (BlogPart.OfAddress(at) is { Kind: BlogPartKind.Post } view)
            return view.Subject;
        var ours = FoldedAddress.Of(options.Value.AddressOf("posts"))! + "/";
        return FoldedAddress.Of(at) is { } folded && folded.StartsWith(ours, StringComparison.Ordinal)
            ? folded[ours.Length..].Split('/', '?')[0]
            : null;
    }

    // Only posts that share a term or a telling word can be related, so only those are read; however long the blog, the
    // pool stays small.
    private async Task<IReadOnlyDictionary<long, Relation>> RelationsAsync(
        Post post,
        IReadOnlyList<long> blogs,
        CancellationToken cancellation
    )
    {
        var published = database
            .Posts.AsNoTracking()
            .PublicAt(clock.GetUtcNow())
            .Where(row => row.SiteId == post.SiteId && blogs.Contains(row.BlogId) && row.Id != post.Id);
        var tags = post.Tags;
        var byTerms = await published
            .Where(row =>
                (post.Category != null && row.Category == post.Category) || row.Tags.Any(tag => tags.Contains(tag))
            )
            .OrderByDescending(row => row.PublishedAt)
            .Select(row => row.Id)
            .Take(MostByTerms)
            .ToListAsync(cancellation);
        var words = DistinctiveWords
            .Of($"{post.Title} {post.Title} {post.PlainText}")
            .OrderByDescending(word => word.Value)
            .ThenByDescending(word => word.Key.Length)
            .Take(WordsAsked)
            .Select(word => word.Key);
        var byWords = await search.FindAsync(post.SiteId, SearchWords.AnyOf(words), MostByWords, cancellation);
        var ids = byTerms.Concat(byWords.Select(match => match.PostId)).ToHashSet();
        var pool = await published
            .Where(row => ids.Contains(row.Id))
            .Select(row => new
            {
                row.Id,
                row.Category,
                row.Tags,
                row.Title,
                row.PlainText,
            })
            .ToListAsync(cancellation);
        static RelatedText Text(long id, string? category, IReadOnlyList<string> tags, string title, string? text) =>
            new(id, category is null ? [] : [category], tags, title, text ?? string.Empty);
        return RelatedPosts.To(
            Text(post.Id, post.Category, post.Tags, post.Title, post.PlainText),
            [.. pool.Select(row => Text(row.Id, row.Category, row.Tags, row.Title, row.PlainText))]
        );
    }
}
