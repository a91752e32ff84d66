using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Posts;
using Antiphon.Data.Listings;

namespace Antiphon.Server.Coverage;

/// <summary>
/// What one site's listings and feeds choose of its posts, computed once for all windows of the board.
/// </summary>
internal sealed class BoardPosts
{
    private readonly Dictionary<long, ListingCandidate> _byId;
    private readonly Dictionary<long, ListingSelection> _selections;
    private readonly Dictionary<long, int> _feedPositions = [];
    private readonly Dictionary<long, List<ListingCandidate>> _byBlog;

    /// <summary>Chooses for every listing.</summary>
    /// <param name="listings">The site's listings.</param>
    /// <param name="candidates">All posts of the site.</param>
    /// <param name="now">The moment, in the site's own offset.</param>
    /// <param name="zone">The site's zone.</param>
    public BoardPosts(
        IReadOnlyList<Listing> listings,
        IReadOnlyList<ListingCandidate> candidates,
        DateTimeOffset now,
        TimeZoneInfo zone
    )
    {
        _byId = candidates.ToDictionary(post => post.Id);
        _selections = listings.ToDictionary(
            listing => listing.Id,
            listing => ListingSelection.Choose(listing.Definition, candidates, now)
        );
        // Drafts show nowhere by definition; listing them here would only be noise.
        Rows =
        [
            .. candidates
                .Where(post => post.Status != PostStatus.Draft && post.PublishedAt is not null)
                .OrderByDescending(post => post.PublishedAt)
                .ThenByDescending(post => post.Id),
        ];
        Ahead = [.. Rows.Where(post => CoverageRules.IsAhead(post, now))];
        _byBlog = Rows.GroupBy(post => post.BlogId).ToDictionary(group => group.Key, group => group.ToList());
        var reached = new Dictionary<long, int>();
        foreach (var post in Rows.Where(post => ListingSelection.IsPublic(post, now)))
            _feedPositions[post.Id] = reached[post.BlogId] = reached.GetValueOrDefault(post.BlogId) + 1;
        var due = candidates.Where(post => post.PublishedAt > now).Select(post => post.PublishedAt!.Value);
        Until = due.Concat(listings.Select(listing => NextChange.After(listing.Definition, candidates, now, zone)))
            .DefaultIfEmpty(DateTimeOffset.MaxValue)
            .Min();
    }

    /// <summary>The moment at which some of it changes though nothing is written.</summary>
    public DateTimeOffset Until { get; }

    /// <summary>The posts that have a row, newest first.</summary>
    public IReadOnlyList<ListingCandidate> Rows { get; }

    /// <summary>The rows of one blog, newest first.</summary>
    public IReadOnlyList<ListingCandidate> RowsOf(long blog) => _byBlog.GetValueOrDefault(blog) ?? [];

    /// <summary>Those among them that become public by themselves later.</summary>
    public IReadOnlyList<ListingCandidate> Ahead { get; }

    /// <summary>A post of the site, a draft too; null when there is none.</summary>
    public ListingCandidate? Find(long post) => _byId.GetValueOrDefault(post);

    /// <summary>Whether a listing was there when this was chosen.</summary>
    public bool Knows(long listing) => _selections.ContainsKey(listing);

    /// <summary>What a listing chooses.</summary>
    public ListingSelection Chosen(long listing) => _selections[listing];

    /// <summary>
    /// Rank of a post among its blog's public posts, newest first, from 1; null when it is not public.
    /// </summary>
    public int? FeedPosition(long post) => _feedPositions.TryGetValue(post, out var position) ? position : null;
}
