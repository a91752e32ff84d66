using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using Antiphon.Data.Work;

namespace Antiphon.Data.Blogs.Followed;

/// <summary>How and with what success the feed of a blog is followed.</summary>
public sealed class Following : LeasedRow
{
    /// <summary>Id of the blog of the following.</summary>
    public long BlogId { get; set; }

    /// <summary>The blog of the following, when it is read with it.</summary>
    public Blog Blog { get; set; } = null!;

    /// <summary>Where the feed is.</summary>
    public string FeedAddress { get; set; } = string.Empty;

    /// <summary>Whether it is visited.</summary>
    public FollowingStanding Standing { get; set; }

    /// <summary>
    /// Host and port of the address, so that one visitor calls there at a time; null in rows from before it was kept.
    /// </summary>
    public string? Host { get; set; }

    /// <summary>Validator of the last good answer.</summary>
    public string? ETag { get; set; }

    /// <summary>Last-Modified of the last good answer, as sent.</summary>
    public string? LastModified { get; set; }

    /// <summary>Last visit.</summary>
    public DateTimeOffset? LastVisitAt { get; set; }

    /// <summary>Last visit that gave a readable feed or said that nothing changed.</summary>
    public DateTimeOffset? LastGoodAt { get; set; }

    /// <summary>When the feed is asked for next.</summary>
    public DateTimeOffset NextVisitAt { get; set; }

    /// <summary>The pause that was chosen before the next visit, in seconds.</summary>
    public int PauseSeconds { get; set; }

    /// <summary>What set it.</summary>
    public VisitReason PauseReason { get; set; }

    /// <summary>What the feed asked of its visitors when it was last read; null before.</summary>
    public FeedRhythm? Asked { get; set; }

    /// <summary>How long its server let the last answer be kept, in seconds.</summary>
    public int? MaxAgeSeconds { get; set; }

    /// <summary>Entries the feed held at the last good visit.</summary>
    public int Entries { get; set; }

    /// <summary>True when the feed gives its entries new identifiers every time.</summary>
    public bool IdsChange { get; set; }

    /// <summary>Failed visits in a row.</summary>
    public int Failures { get; set; }

    /// <summary>Code of what went wrong last; null when all is well.</summary>
    public string? Problem { get; set; }

    /// <summary>Value that belongs to the problem, such as a status code or a place.</summary>
    public string? ProblemDetail { get; set; }

    /// <summary>The subscription at its hub; null when it offers none.</summary>
    public HubSubscription? Hub { get; set; }

    /// <summary>Its latest visits.</summary>
    public List<FeedVisitRecord> Visits { get; } = [];

    /// <summary>Addresses it had.</summary>
    public List<FeedMove> Moves { get; } = [];
}
