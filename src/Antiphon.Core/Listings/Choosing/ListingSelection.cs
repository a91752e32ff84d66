using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Listings.Related;
using Antiphon.Core.Posts;

namespace Antiphon.Core.Listings.Choosing;

/// <summary>The posts one listing chooses at one moment, and the reason for every post it does not choose.</summary>
public sealed class ListingSelection
{
    private readonly ListingDefinition _definition;
    private readonly DateTimeOffset _now;
    private readonly CurrentPost? _current;
    private readonly Dictionary<long, int> _positions;
    private readonly Dictionary<long, ListingCandidate> _twins;

    private ListingSelection(
        ListingDefinition definition,
        DateTimeOffset now,
        CurrentPost? current,
        IReadOnlyList<ListingCandidate> fitting,
        Dictionary<long, ListingCandidate> twins
    )
    {
        (_definition, _now, _current, Fitting, _twins) = (definition, now, current, fitting, twins);
        _positions = new Dictionary<long, int>(fitting.Count);
        for (var i = 0; i < fitting.Count; i++)
            _positions[fitting[i].Id] = i + 1;
    }

    /// <summary>All posts that fit, in the listing's order.</summary>
    public IReadOnlyList<ListingCandidate> Fitting { get; }

    /// <summary>The entries of the first page.</summary>
    public IEnumerable<ListingCandidate> Entries => Page(1);

    /// <summary>The entries of all pages together.</summary>
    public IEnumerable<ListingCandidate> Shown => _definition.Paging == ListingPaging.None ? Entries : Fitting;

    /// <summary>How many pages there are: one unless the listing has paging; at least one.</summary>
    public int Pages =>
        _definition.Paging == ListingPaging.None
            ? 1
            : Math.Max(1, (Fitting.Count + _definition.PageSize - 1) / _definition.PageSize);

    /// <summary>The entries of a page, from 1; none past the last.</summary>
    public IEnumerable<ListingCandidate> Page(int number) =>
        number < 1 || number > Pages
            ? []
            : Fitting.Skip((number - 1) * _definition.PageSize).Take(_definition.PageSize);

    /// <summary>Chooses among all posts of a site.</summary>
    /// <param name="definition">The listing.</param>
    /// <param name="candidates">Posts in any order; posts of other blogs are ignored.</param>
    /// <param name="now">The moment, in the site's own offset; a post dated later is not yet public.</param>
    /// <param name="current">The post of the page the listing stands on; null where it is none.</param>
    public static ListingSelection Choose(
        ListingDefinition definition,
        IEnumerable<ListingCandidate> candidates,
        DateTimeOffset now,
        CurrentPost? current = null
    )
    {
        var taken = candidates
            .Where(post =>
                definition.Blogs.Contains(post.BlogId)
                && IsPublic(post, now)
                && definition.Filter.Obstacle(post, now) is null
                && !IsCurrent(definition, post, current)
                && !IsForeign(definition, post, current)
            )
            .ToList();
        var twins = Twins.Find(taken, definition.Blogs);
        var sorted = EntryOrder.Sort(
            twins.Count == 0 ? taken : taken.Where(post => !twins.ContainsKey(post.Id)),
            definition,
            now,
            current
        );
        return new ListingSelection(definition, now, current, Capped(sorted, definition.MostPerBlog), twins);
    }

    /// <summary>True when the post can be seen by readers at that moment.</summary>
    public static bool IsPublic(ListingCandidate post, DateTimeOffset now) =>
        post.Status == PostStatus.Published && post.PublishedAt is { } date && date <= now;

    /// <summary>The place of a post, also of one that was not among the candidates.</summary>
    public Placement Explain(ListingCandidate post)
    {
        var shown = Math.Min(_definition.PageSize, Fitting.Count);
        if (!_positions.TryGetValue(post.Id, out var position))
            return WhyItDoesNotFit(post, shown);
        var page = ((position - 1) / _definition.PageSize) + 1;
        return page <= Pages
            ? new Placement(PlacementReason.Shown, position, shown, Page: Pages > 1 ? page : null)
            : new Placement(PlacementReason.BelowTheCut, position, shown);
    }

    /// <summary>
    /// Why a post is like the one of the page; null when the listing does not order by that, or it is not.
    /// </summary>
    public Relation? RelationOf(long post) =>
        _definition.Order == ListingOrder.Related ? _current?.Relations?.GetValueOrDefault(post) : null;

    // A listing of related posts never shows the one they are related to.
    private static bool IsCurrent(ListingDefinition definition, ListingCandidate post, CurrentPost? current) =>
        current is not null
        && (definition.LeaveOutCurrent || definition.Order == ListingOrder.Related)
        && post.Id == current.Id;

    private static bool IsForeign(ListingDefinition definition, ListingCandidate post, CurrentPost? current) =>
        definition.Order == ListingOrder.Related
        && current?.Relations is { } relations
        && !relations.ContainsKey(post.Id);

    private static List<ListingCandidate> Capped(List<ListingCandidate> sorted, int? most)
    {
        if (most is null)
            return sorted;
        var counts = new Dictionary<long, int>();
        return sorted.FindAll(post => (counts[post.BlogId] = counts.GetValueOrDefault(post.BlogId) + 1) <= most);
    }

    private Placement WhyItDoesNotFit(ListingCandidate post, int shown)
    {
        Placement Out(PlacementReason reason, string? detail = null) =>
            new(reason, null, shown, string.IsNullOrEmpty(detail) ? null : detail);
        if (!_definition.Blogs.Contains(post.BlogId))
            return Out(PlacementReason.BlogNotChosen);
        // What keeps it out for good is told before what only time will change.
        if (_definition.Filter.Obstacle(post, _now) is { } obstacle)
            return Out(obstacle.Reason, obstacle.Detail);
        if (post.Status == PostStatus.Withdrawn)
            return Out(PlacementReason.Withdrawn);
        if (post.Status == PostStatus.Scheduled || (post.Status == PostStatus.Published && post.PublishedAt > _now))
            return Out(PlacementReason.Scheduled);
        if (!IsPublic(post, _now))
            return Out(PlacementReason.NotPublished);
        if (IsCurrent(_definition, post, _current))
            return Out(PlacementReason.CurrentPage);
        if (IsForeign(_definition, post, _current))
            return Out(PlacementReason.NotRelated);
        return _twins.TryGetValue(post.Id, out var twin)
            ? Out(PlacementReason.SameAsAnother, twin.Title)
            : Out(
                PlacementReason.BlogHasEnough,
                _definition.MostPerBlog?.ToString(System.Globalization.CultureInfo.InvariantCulture)
            );
    }
}
