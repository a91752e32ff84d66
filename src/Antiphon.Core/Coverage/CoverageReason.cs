namespace Antiphon.Core.Coverage;

/// <summary>Why a mark is as it is; the words are made from it at the edge.</summary>
public enum CoverageReason
{
    /// <summary>Shown as entry {position} of {shown}.</summary>
    ShownInListing,

    /// <summary>Chosen by the listing, which no page has been seen with.</summary>
    ListingNotPlaced,

    /// <summary>Chosen by the listing, but the page lost the snippet when it was last checked.</summary>
    ListingLost,

    /// <summary>Stands at {position}, the listing shows {shown}.</summary>
    BelowTheCut,

    /// <summary>The listing or feed takes other blogs.</summary>
    BlogNotChosen,

    /// <summary>Not published yet.</summary>
    NotPublished,

    /// <summary>The listing's own conditions keep it out; the cell names which.</summary>
    FilteredOut,

    /// <summary>Published at a later time.</summary>
    Scheduled,

    /// <summary>Withdrawn.</summary>
    Withdrawn,

    /// <summary>In the feed at {position}.</summary>
    InFeed,

    /// <summary>Older than the entries the feed holds.</summary>
    BeyondFeedLength,

    /// <summary>All {count} mails arrived.</summary>
    AllDelivered,

    /// <summary>{open} of {count} mails are still on their way.</summary>
    Delivering,

    /// <summary>{failed} of {count} mails failed.</summary>
    SomeFailed,

    /// <summary>Nobody had subscribed when it was published, or it came before mail was switched on.</summary>
    NothingSent,

    /// <summary>Followed posts are not mailed.</summary>
    NotMailed,

    /// <summary>The next digest brings it.</summary>
    ComingByMail,

    /// <summary>The channel has it.</summary>
    OnChannel,

    /// <summary>It is planned for the channel, or on its way there.</summary>
    ComingToChannel,

    /// <summary>The channel did not take it.</summary>
    ChannelFailed,

    /// <summary>The channel does not choose it, or was not there when it was published.</summary>
    NotForChannel,

    /// <summary>{count} public comments, {open} waiting.</summary>
    HasComments,

    /// <summary>A thread is open and empty.</summary>
    NoCommentsYet,

    /// <summary>No thread was ever opened for it.</summary>
    NoThread,

    /// <summary>Nobody can comment, by the post's own setting, and nobody has.</summary>
    CommentsClosed,
}
