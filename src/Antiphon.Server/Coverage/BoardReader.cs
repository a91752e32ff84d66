using Antiphon.Core.Channels;
using Antiphon.Core.Comments;
using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Channels;
using Antiphon.Data.Feeds;
using Antiphon.Data.Listings;
using Antiphon.Data.Mailing;
using Antiphon.Server.Listings.Installation;
using Antiphon.Server.Mailing.Planning;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Coverage;

/// <summary>Everything the board of one site is computed from.</summary>
internal sealed class BoardReader
{
    private readonly DateTimeOffset _now;
    private readonly AntiphonContext _database;
    private readonly Dictionary<long, int> _feedLengths;
    private Dictionary<long, DeliveryTally> _mail = [];
    private Dictionary<(long Channel, long Post), DeliveryTally> _channels = [];
    private Dictionary<long, (int Public, int Waiting)> _threads = [];

    private BoardReader(
        AntiphonContext database,
        DateTimeOffset now,
        IReadOnlyList<Listing> listings,
        IReadOnlyList<Blog> blogs,
        BoardPosts posts,
        Dictionary<long, int> feedLengths
    ) => (_database, _now, Listings, Blogs, Posts, _feedLengths) = (database, now, listings, blogs, posts, feedLengths);

    /// <summary>The site's channels.</summary>
    public IReadOnlyList<Channel> Channels { get; private init; } = [];

    /// <summary>The posts that a digest brings the next time it goes out by the clock.</summary>
    public IReadOnlySet<long> Coming { get; private init; } = new HashSet<long>();

    /// <summary>What the listings and feeds choose.</summary>
    public BoardPosts Posts { get; }

    /// <summary>The site's listings with their sightings.</summary>
    public IReadOnlyList<Listing> Listings { get; }

    /// <summary>The site's blogs.</summary>
    public IReadOnlyList<Blog> Blogs { get; }

    /// <summary>
    /// Those whose feeds are places of the board: what a followed blog's own feed carries on is just its posts, and a
    /// long list of followed feeds would hide everything else.
    /// </summary>
    public IEnumerable<Blog> WrittenHere => Blogs.Where(blog => blog.Following is null);

    /// <summary>Reads the places of a site, and what they choose unless it is known still.</summary>
    public static async Task<BoardReader> ReadAsync(
        AntiphonContext database,
        BoardCache cache,
        long site,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var listings = await database
            .Listings.AsNoTracking()
            .Include(listing => listing.Sightings)
            .Where(listing => listing.SiteId == site && listing.ArchivedAt == null)
            .OrderBy(listing => listing.Id)
            .ToListAsync(cancellation);
        var blogs = await database
            .Blogs.AsNoTracking()
            .Include(blog => blog.Site)
            .Include(blog => blog.Following)
            .Where(blog => blog.SiteId == site)
            .OrderBy(blog => blog.Id)
            .ToListAsync(cancellation);
        var lengths = await database
            .FeedSettings.Where(settings => settings.SiteId == site && settings.Subject == FeedSubject.Blog)
            .ToDictionaryAsync(settings => settings.SubjectId, settings => settings.Entries, cancellation);
        var posts = await cache.GetAsync(site, cancellation);
        // A listing made while this was read is on the board the next time.
        return new BoardReader(
            database,
            now,
            [.. listings.Where(listing => posts.Knows(listing.Id))],
            blogs,
            posts,
            lengths
        )
        {
            Coming = await ComingAsync(database, site, now, cancellation),
            Channels = await database
                .Channels.AsNoTracking()
                .Where(channel => channel.SiteId == site && channel.ArchivedAt == null)
                .OrderBy(channel => channel.Id)
                .ToListAsync(cancellation),
        };
    }

    private static async Task<IReadOnlySet<long>> ComingAsync(
        AntiphonContext database,
        long site,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var coming = new HashSet<long>();
        foreach (
            var digest in await database
                .Digests.AsNoTracking()
                .Where(row => row.SiteId == site && row.ArchivedAt == null && row.NextAt != null)
                .ToListAsync(cancellation)
        )
            coming.UnionWith((await NewPosts.OfAsync(digest, database, now, cancellation)).Select(post => post.Id));
        return coming;
    }

    /// <summary>Reads mails and threads of the rows whose marks are asked for next.</summary>
    public async Task ReadRowsAsync(IReadOnlyCollection<long> shown, CancellationToken cancellation)
    {
        _mail = await MailAsync(_database.EditionPosts.Where(post => shown.Contains(post.PostId)), cancellation);
        _channels = await ChannelsAsync(
            _database.ChannelDeliveries.Where(delivery =>
                delivery.PostId != null && shown.Contains(delivery.PostId.Value)
            ),
            cancellation
        );
        _threads = await ThreadsAsync(_database, shown, cancellation);
    }

    /// <summary>Which posts of the whole site have something off or due.</summary>
    public async Task<BoardSurvey> SurveyAsync(long site, CancellationToken cancellation)
    {
        DeliveryState[] unfinished =
        [
            DeliveryState.Queued,
            DeliveryState.Sending,
            DeliveryState.Retrying,
            DeliveryState.Failed,
        ];
        var mails = await MailAsync(
            _database.EditionPosts.Where(post =>
                post.Edition.SiteId == site && (post.Edition.State == EditionState.Sending || post.Edition.Failed > 0)
            ),
            cancellation
        );
        foreach (
            var (key, tally) in await ChannelsAsync(
                _database.ChannelDeliveries.Where(delivery =>
                    delivery.SiteId == site && delivery.PostId != null && unfinished.Contains(delivery.State)
                ),
                cancellation
            )
        )
        {
            var known = mails.GetValueOrDefault(key.Post) ?? DeliveryTally.None;
            mails[key.Post] = new DeliveryTally(
                known.Total + tally.Total,
                known.Open + tally.Open,
                known.Failed + tally.Failed
            );
        }

        return BoardSurvey.Of(
            Posts.Ahead,
            [.. Listings.Select(listing => (Posts.Chosen(listing.Id), SightingSummary.StateOf(listing.Sightings)))],
            WrittenHere.Select(blog => blog.Id).ToHashSet(),
            mails,
            await UnsentAsync(cancellation),
            _now
        );
    }

    private async Task<IReadOnlySet<long>> UnsentAsync(CancellationToken cancellation)
    {
        var sent = await _database
            .EditionPosts.Where(post => Coming.Contains(post.PostId) && post.Edition.Total > post.Edition.Cancelled)
            .Select(post => post.PostId)
            .ToListAsync(cancellation);
        return Coming.Except(sent).ToHashSet();
    }

    /// <summary>The mark of a post in a listing.</summary>
    public CoverageCell InListing(ListingCandidate post, Listing listing) =>
        CoverageRules.ForListing(Posts.Chosen(listing.Id).Explain(post), SightingSummary.StateOf(listing.Sightings));

    /// <summary>The mark of a post in the feed of a blog.</summary>
    public CoverageCell InFeed(ListingCandidate post, Blog blog) =>
        CoverageRules.ForFeed(
            post,
            blog.Id,
            Posts.FeedPosition(post.Id),
            _feedLengths.GetValueOrDefault(blog.Id, FeedSettings.UsualEntries),
            _now
        );

    /// <summary>The mark of a post in the mail channel.</summary>
    public CoverageCell InMail(ListingCandidate post, bool writtenHere) =>
        CoverageRules.ForMail(
            post,
            writtenHere,
            _mail.GetValueOrDefault(post.Id) ?? DeliveryTally.None,
            Coming.Contains(post.Id),
            _now
        );

    /// <summary>The mark of a post in a channel.</summary>
    public CoverageCell InChannel(ListingCandidate post, long channel) =>
        CoverageRules.ForChannel(post, _channels.GetValueOrDefault((channel, post.Id)) ?? DeliveryTally.None, _now);

    /// <summary>The mark of a post's conversation.</summary>
    public CoverageCell InComments(ListingCandidate post, bool isOpen) =>
        _threads.TryGetValue(post.Id, out var counts)
            ? CoverageRules.ForComments(true, counts.Public, counts.Waiting, isOpen)
            : CoverageRules.ForComments(false, 0, 0, isOpen);

    /// <summary>The posts that stand around one in a listing.</summary>
    public IReadOnlyList<NeighbourView> Neighbours(long listing, long post, int each)
    {
        var fitting = Posts.Chosen(listing).Fitting;
        var shown = Posts.Chosen(listing).Entries.Count();
        var at = fitting.ToList().FindIndex(candidate => candidate.Id == post);
        if (at < 0)
            return [];
        var from = Math.Max(0, at - each);
        return
        [
            .. fitting
                .Skip(from)
                .Take((2 * each) + 1)
                .Select((one, index) => new NeighbourView(from + index + 1, one.Id, one.Title, from + index < shown)),
        ];
    }

    private static async Task<Dictionary<long, DeliveryTally>> MailAsync(
        IQueryable<EditionPost> posts,
        CancellationToken cancellation
    )
    {
        var rows = await posts
            .GroupBy(post => post.PostId)
            .Select(group => new
            {
                group.Key,
                Total = group.Sum(post => post.Edition.Total - post.Edition.Cancelled),
                Delivered = group.Sum(post => post.Edition.Delivered),
                Failed = group.Sum(post => post.Edition.Failed),
            })
            .ToListAsync(cancellation);
        return rows.ToDictionary(
            row => row.Key,
            row => new DeliveryTally(row.Total, row.Total - row.Delivered - row.Failed, row.Failed)
        );
    }

    // What was taken down or never needed to go is not counted; of one that was sent again the last time counts with
    // the others.
    private static async Task<Dictionary<(long Channel, long Post), DeliveryTally>> ChannelsAsync(
        IQueryable<ChannelDelivery> deliveries,
        CancellationToken cancellation
    )
    {
        var rows = await deliveries
            .Where(delivery =>
                delivery.Act == DeliveryAct.Publish
                && delivery.State != DeliveryState.Cancelled
                && delivery.Channel.ArchivedAt == null
            )
            .GroupBy(delivery => new { delivery.ChannelId, PostId = delivery.PostId!.Value })
            .Select(group => new
            {
                group.Key.ChannelId,
                group.Key.PostId,
                Total = group.Count(),
                Delivered = group.Count(delivery => delivery.State == DeliveryState.Delivered),
                Failed = group.Count(delivery => delivery.State == DeliveryState.Failed),
            })
            .ToListAsync(cancellation);
        return rows.ToDictionary(
            row => (row.ChannelId, row.PostId),
            row => new DeliveryTally(row.Total, row.Total - row.Delivered - row.Failed, row.Failed)
        );
    }

    private static async Task<Dictionary<long, (int Public, int Waiting)>> ThreadsAsync(
        AntiphonContext database,
        IReadOnlyCollection<long> shown,
        CancellationToken cancellation
    )
    {
        var rows = await database
            .Threads.Where(thread => thread.PostId != null && shown.Contains(thread.PostId.Value))
            .Select(thread => new
            {
                PostId = thread.PostId!.Value,
                Public = thread.Comments.Count(comment => comment.Standing == CommentStanding.Public),
                Waiting = thread.Comments.Count(comment => comment.Standing == CommentStanding.Waiting),
            })
            .ToListAsync(cancellation);
        return rows.GroupBy(row => row.PostId)
            .ToDictionary(group => group.Key, group => (group.Sum(row => row.Public), group.Sum(row => row.Waiting)));
    }
}
