using Antiphon.Core.Mailing.Digests;
using Antiphon.Data.Work;

namespace Antiphon.Data.Mailing;

/// <summary>One going out of a digest. Triggers keep its counts in the transactions that change its mails.</summary>
public sealed class Edition : LeasedRow
{
    /// <summary>Identifies the edition in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the edition belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the digest of the edition.</summary>
    public long DigestId { get; set; }

    /// <summary>The digest of the edition, when it is read with it.</summary>
    public Digest Digest { get; set; } = null!;

    /// <summary>Random key that stands in its addresses.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>What it was made for, such as a post or a moment; there is one edition of a digest for each.</summary>
    public string Occasion { get; set; } = string.Empty;

    /// <summary>How far it has come.</summary>
    public EditionState State { get; set; }

    /// <summary>When its sending was paused; null while it goes on.</summary>
    public DateTimeOffset? PausedAt { get; set; }

    /// <summary>When it was due.</summary>
    public DateTimeOffset DueAt { get; set; }

    /// <summary>When nothing was open any more.</summary>
    public DateTimeOffset? FinishedAt { get; set; }

    /// <summary>The last subscriber who was looked at while gathering, in the order of their ids.</summary>
    public long GatheredTo { get; set; }

    /// <summary>How the digest worked when the edition was made.</summary>
    public DigestSettings Settings { get; set; } = DigestSettings.WithEachPost;

    /// <summary>Mails in all.</summary>
    public int Total { get; set; }

    /// <summary>Mails the mail server took.</summary>
    public int Delivered { get; set; }

    /// <summary>Mails that were given up.</summary>
    public int Failed { get; set; }

    /// <summary>Mails that were taken back.</summary>
    public int Cancelled { get; set; }

    /// <summary>How often it was opened, where that is counted.</summary>
    public int Opens { get; set; }

    /// <summary>Subscribers who ended the mails by a link of it.</summary>
    public int Left { get; set; }

    /// <summary>Its posts.</summary>
    public List<EditionPost> Posts { get; set; } = [];
}
