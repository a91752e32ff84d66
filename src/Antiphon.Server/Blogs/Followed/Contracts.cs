using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>How following goes, beside a blog.</summary>
/// <param name="FeedAddress">Where the feed is.</param>
/// <param name="LastVisitAt">Last visit.</param>
/// <param name="LastGoodAt">Last good visit.</param>
/// <param name="NextVisitAt">Next visit.</param>
/// <param name="Failures">Failed visits in a row.</param>
/// <param name="Problem">What went wrong last, in words; null when all is well.</param>
internal sealed record FollowingView(
    string FeedAddress,
    DateTimeOffset? LastVisitAt,
    DateTimeOffset? LastGoodAt,
    DateTimeOffset NextVisitAt,
    int Failures,
    [property: TeamText] string? Problem
);

/// <summary>A followed feed on the board.</summary>
/// <param name="Blog">The blog its entries are posts of.</param>
/// <param name="Name">Name of the blog.</param>
/// <param name="HomeAddress">Its page, or null.</param>
/// <param name="Standing">Whether it is visited.</param>
/// <param name="State">Addresses, visits and trouble.</param>
/// <param name="PauseSeconds">The pause before the next visit, in seconds.</param>
/// <param name="PauseReason">What set it, in words.</param>
/// <param name="IsBeingVisited">True while somebody is there.</param>
/// <param name="Entries">Entries in the feed.</param>
/// <param name="Posts">Posts made of them so far.</param>
/// <param name="Newest">Date of the newest.</param>
/// <param name="IdsChange">True when the feed gives its entries new identifiers every time.</param>
/// <param name="Hub">The subscription at its hub, or null.</param>
/// <param name="Visits">Latest visits, oldest first.</param>
/// <param name="Moves">Addresses it had, latest first.</param>
internal sealed record FollowedFeedView(
    long Blog,
    string Name,
    string? HomeAddress,
    FollowingStanding Standing,
    FollowingView State,
    int PauseSeconds,
    [property: TeamText] string PauseReason,
    bool IsBeingVisited,
    int Entries,
    int Posts,
    DateTimeOffset? Newest,
    bool IdsChange,
    HubView? Hub,
    IReadOnlyList<VisitView> Visits,
    IReadOnlyList<MoveView> Moves
);

/// <summary>A subscription at a hub.</summary>
internal sealed record HubView(string Hub, HubState State, DateTimeOffset? LeaseUntil, DateTimeOffset? PushedAt);

/// <summary>One visit.</summary>
internal sealed record VisitView(
    DateTimeOffset At,
    FeedVisitOutcome Outcome,
    int? Status,
    int Milliseconds,
    int Bytes,
    int NewEntries,
    int ChangedEntries,
    [property: TeamText] string? Problem
);

/// <summary>One move.</summary>
internal sealed record MoveView(string From, string To, DateTimeOffset At);

/// <summary>A list of subscriptions as text.</summary>
/// <param name="Only">Addresses of the feeds that are wanted, as the list writes them; null for all.</param>
internal sealed record OpmlRequest(string Text, IReadOnlyList<string>? Only = null);

/// <summary>What a list of subscriptions offers.</summary>
/// <param name="Feeds">Its feeds in its order, each address once.</param>
/// <param name="Problem">Why the list was not read to its end; null when it was.</param>
internal sealed record OpmlOffer(IReadOnlyList<OfferedFeed> Feeds, [property: TeamText] string? Problem);

/// <summary>A feed of a list.</summary>
/// <param name="Folder">Names of the folders it lies in, joined by " / "; null at the top.</param>
/// <param name="IsKnown">Whether it is followed already.</param>
/// <param name="Problem">Why it cannot be followed; null when it can.</param>
internal sealed record OfferedFeed(
    string Title,
    string Address,
    string? Folder,
    bool IsKnown,
    [property: TeamText] string? Problem
);

/// <summary>What bringing a list in gave.</summary>
/// <param name="Added">Names of the feeds that are followed now.</param>
/// <param name="Known">Names of those that were followed already.</param>
/// <param name="Refused">Those that cannot be followed, each with the reason.</param>
/// <param name="Problem">Why the list was not read to its end; null when it was.</param>
internal sealed record OpmlResult(
    IReadOnlyList<string> Added,
    IReadOnlyList<string> Known,
    [property: TeamText] IReadOnlyList<string> Refused,
    [property: TeamText] string? Problem
);
