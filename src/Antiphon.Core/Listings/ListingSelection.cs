using Antiphon.Core.Posts;

namespace Antiphon.Core.Listings;

/// <summary>The posts one listing chooses at one moment, and the reason for every post it does not choose.</summary>
public sealed class ListingSelection
{
    private readonly ListingDefinition _definition;
    private readonly DateTimeOffset _now;
    private readonly Dictionary<long, int> _positions;

    private ListingSelection(ListingDefinition definition, DateTimeOffset now, IReadOnlyList<ListingCandidate> fitting)
    {
        _definition = definition;
        _now = now;
        Fitting = fitting;
        _positions = new Dictionary<long, int>(fitting.Count);
        for (var i = 0; i < fitting.Count; i++) _positions[fitting[i].Id] = i + 1;
    }

    /// <summary>All posts that fit, in the listing's order.</summary>
    public IReadOnlyList<ListingCandidate> Fitting { get; }

    /// <summary>The entries shown: the first of <see cref="Fitting"/>.</summary>
    public IEnumerable<ListingCandidate> Entries => Fitting.Take(_definition.Count);

    /// <summary>Chooses among all posts of a site.</summary>
    /// <param name="definition">The listing.</param>
    /// <param name="candidates">Posts in any order; posts of other blogs are ignored.</param>
    /// <param name="now">The moment; a post dated later is not yet public.</param>
    public static ListingSelection Choose(ListingDefinition definition, IEnumerable<ListingCandidate> candidates, DateTimeOffset now)
    {
        var fitting = candidates
            .Where(post => definition.Blogs.Contains(post.BlogId) && IsPublic(post, now))
            .OrderBy(post => post.PublishedAt, Direction(definition.Order))
            .ThenByDescending(post => post.Id)
            .ToList();
        return new ListingSelection(definition, now, fitting);
    }

    /// <summary>True when the post can be seen by readers at that moment.</summary>
    public static bool IsPublic(ListingCandidate post, DateTimeOffset now) =>
        post.Status == PostStatus.Published && post.PublishedAt is { } date && date <= now;

    /// <summary>The place of a post, also of one that was not among the candidates.</summary>
    public Placement Explain(ListingCandidate post)
    {
        var shown = Math.Min(_definition.Count, Fitting.Count);
        if (_positions.TryGetValue(post.Id, out var position))
        {
            var reason = position <= _definition.Count ? PlacementReason.Shown : PlacementReason.BelowTheCut;
            return new Placement(reason, position, shown);
        }

        return new Placement(WhyItDoesNotFit(post), null, shown);
    }

    private PlacementReason WhyItDoesNotFit(ListingCandidate post)
    {
        if (!_definition.Blogs.Contains(post.BlogId)) return PlacementReason.BlogNotChosen;
        return post.Status switch
        {
            PostStatus.Withdrawn => PlacementReason.Withdrawn,
            PostStatus.Scheduled => PlacementReason.Scheduled,
            PostStatus.Published when post.PublishedAt > _now => PlacementReason.Scheduled,
            _ => PlacementReason.NotPublished,
        };
    }

    private static Comparer<DateTimeOffset?> Direction(ListingOrder order) => order == ListingOrder.Newest
        ? Comparer<DateTimeOffset?>.Create((a, b) => Nullable.Compare(b, a))
        : Comparer<DateTimeOffset?>.Create(Nullable.Compare);
}
