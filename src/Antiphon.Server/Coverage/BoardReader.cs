using Antiphon.Core.Comments;
using Antiphon.Core.Coverage;
using Antiphon.Core.Listings;
using Antiphon.Core.Syndication;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Listings;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Coverage;

/// <summary>Everything the board of one site is computed from, read once.</summary>
internal sealed class BoardReader
{
    private readonly DateTimeOffset _now;
    private readonly Dictionary<long, ListingSelection> _selections;
    private readonly Dictionary<long, ListingCandidate> _candidates;
    private readonly Dictionary<long, Dictionary<long, int>> _feedPositions;
    private readonly Dictionary<long, int> _feedLengths;
    private readonly Dictionary<long, DeliveryTally> _mail;
    private readonly Dictionary<long, (int Public, int Waiting)> _threads;

    private BoardReader(
        DateTimeOffset now, IReadOnlyList<Listing> listings, IReadOnlyList<Blog> blogs, IReadOnlyList<ListingCandidate> candidates, Dictionary<long, int> feedLengths,
        Dictionary<long, DeliveryTally> mail, Dictionary<long, (int Public, int Waiting)> threads)
    {
        (_now, Listings, Blogs, _feedLengths, _mail, _threads) = (now, listings, blogs, feedLengths, mail, threads);
        _candidates = candidates.ToDictionary(post => post.Id);
        _selections = listings.ToDictionary(listing => listing.Id, listing => ListingSelection.Choose(listing.Definition, candidates, now));
        _feedPositions = candidates.Where(post => ListingSelection.IsPublic(post, now)).GroupBy(post => post.BlogId).ToDictionary(
            group => group.Key, group => group.OrderByDescending(post => post.PublishedAt).ThenByDescending(post => post.Id).Select((post, index) => (post.Id, index)).ToDictionary(pair => pair.Id, pair => pair.index + 1));
    }

    /// <summary>The site's listings with their sightings.</summary>
    public IReadOnlyList<Listing> Listings { get; }

    /// <summary>The site's blogs.</summary>
    public IReadOnlyList<Blog> Blogs { get; }

    /// <summary>Those whose feeds are places of the board: what a followed blog's own feed carries on is just its posts, and a long list of followed feeds would hide everything else.</summary>
    public IEnumerable<Blog> WrittenHere => Blogs.Where(blog => blog.Following is null);

    /// <summary>Reads what is needed: all posts as far as choosing needs them, and for the rows shown their mails and threads.</summary>
    public static async Task<BoardReader> ReadAsync(AntiphonContext database, CandidateReader reader, long site, IReadOnlyCollection<long> shown, DateTimeOffset now, CancellationToken cancellation)
    {
        var listings = await database.Listings.AsNoTracking().Include(one => one.Sightings).Where(one => one.SiteId == site && one.ArchivedAt == null).OrderBy(one => one.Id).ToListAsync(cancellation);
        var blogs = await database.Blogs.AsNoTracking().Include(one => one.Following).Where(one => one.SiteId == site).OrderBy(one => one.Id).ToListAsync(cancellation);
        var candidates = await reader.ReadAsync(database.Posts.Where(post => post.SiteId == site), listings.Any(one => CandidateReader.NeedsComments(one.Definition)), cancellation);
        var lengths = await database.FeedSettings.Where(one => one.SiteId == site && one.Subject == FeedSubject.Blog).ToDictionaryAsync(one => one.SubjectId, one => one.Entries, cancellation);
        return new BoardReader(now, listings, blogs, candidates, lengths, await MailAsync(database, shown, cancellation), await ThreadsAsync(database, shown, cancellation));
    }

    /// <summary>A post of the site as choosing sees it.</summary>
    public ListingCandidate Candidate(long post) => _candidates[post];

    /// <summary>The mark of a post in a listing.</summary>
    public CoverageCell InListing(ListingCandidate post, Listing listing) => CoverageRules.ForListing(_selections[listing.Id].Explain(post), SightingSummary.StateOf(listing.Sightings));

    /// <summary>The mark of a post in the feed of a blog.</summary>
    public CoverageCell InFeed(ListingCandidate post, Blog blog)
    {
        var position = _feedPositions.GetValueOrDefault(blog.Id)?.TryGetValue(post.Id, out var found) == true ? found : (int?)null;
        return CoverageRules.ForFeed(post, blog.Id, position, _feedLengths.GetValueOrDefault(blog.Id, FeedSettings.UsualEntries), _now);
    }

    /// <summary>The mark of a post in the mail channel.</summary>
    public CoverageCell InMail(ListingCandidate post, bool writtenHere) => CoverageRules.ForMail(post, writtenHere, _mail.GetValueOrDefault(post.Id) ?? DeliveryTally.None, _now);

    /// <summary>The mark of a post's conversation.</summary>
    public CoverageCell InComments(ListingCandidate post) => _threads.TryGetValue(post.Id, out var counts)
        ? CoverageRules.ForComments(true, counts.Public, counts.Waiting)
        : CoverageRules.ForComments(false, 0, 0);

    /// <summary>The posts that stand around one in a listing.</summary>
    public IReadOnlyList<NeighbourView> Neighbours(long listing, long post, int each)
    {
        var fitting = _selections[listing].Fitting;
        var shown = _selections[listing].Entries.Count();
        var at = fitting.ToList().FindIndex(one => one.Id == post);
        if (at < 0) return [];
        var from = Math.Max(0, at - each);
        return [.. fitting.Skip(from).Take((2 * each) + 1).Select((one, index) => new NeighbourView(from + index + 1, one.Id, one.Title, from + index < shown))];
    }

    private static async Task<Dictionary<long, DeliveryTally>> MailAsync(AntiphonContext database, IReadOnlyCollection<long> shown, CancellationToken cancellation)
    {
        var rows = await database.Deliveries.Where(one => shown.Contains(one.PostId) && one.State != DeliveryState.Cancelled)
            .GroupBy(one => one.PostId)
            .Select(group => new { group.Key, Total = group.Count(), Delivered = group.Count(one => one.State == DeliveryState.Delivered), Failed = group.Count(one => one.State == DeliveryState.Failed) })
            .ToListAsync(cancellation);
        return rows.ToDictionary(row => row.Key, row => new DeliveryTally(row.Total, row.Total - row.Delivered - row.Failed, row.Failed));
    }

    private static async Task<Dictionary<long, (int Public, int Waiting)>> ThreadsAsync(AntiphonContext database, IReadOnlyCollection<long> shown, CancellationToken cancellation)
    {
        var rows = await database.Threads.Where(thread => thread.PostId != null && shown.Contains(thread.PostId.Value))
            .Select(thread => new
            {
                PostId = thread.PostId!.Value,
                Public = thread.Comments.Count(comment => comment.Standing == CommentStanding.Public),
                Waiting = thread.Comments.Count(comment => comment.Standing == CommentStanding.Waiting),
            }).ToListAsync(cancellation);
        return rows.GroupBy(row => row.PostId).ToDictionary(group => group.Key, group => (group.Sum(row => row.Public), group.Sum(row => row.Waiting)));
    }
}
