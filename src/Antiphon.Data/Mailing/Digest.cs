using Antiphon.Core.Mailing.Digests;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Data.Work;

namespace Antiphon.Data.Mailing;

/// <summary>Mails a site sends its subscribers: with each post, or with what is new every day, week or month.</summary>
public sealed class Digest : LeasedRow
{
    /// <summary>Identifies the digest in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the digest belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the digest belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>What the team, and readers who may choose, call it.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>How it works.</summary>
    public DigestSettings Settings { get; set; } = DigestSettings.WithEachPost;

    /// <summary>The segment it goes to; null for everybody.</summary>
    public long? SegmentId { get; set; }

    /// <summary>The segment it goes to; null for everybody.</summary>
    public Segment? Segment { get; set; }

    /// <summary>Whether it goes to subscribers who have not chosen their digests.</summary>
    public bool IsUsual { get; set; }

    /// <summary>When it was paused; null while it runs.</summary>
    public DateTimeOffset? PausedAt { get; set; }

    /// <summary>When it goes out next; null while it is paused and for what goes with each post.</summary>
    public DateTimeOffset? NextAt { get; set; }

    /// <summary>When it was made; older posts do not stand in it.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When it was taken off; its editions are kept.</summary>
    public DateTimeOffset? ArchivedAt { get; set; }
}
