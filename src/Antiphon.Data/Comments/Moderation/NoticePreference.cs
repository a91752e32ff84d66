using Antiphon.Core.Comments.Moderation;
using Antiphon.Data.Accounts;
using Antiphon.Data.Sites;
using Antiphon.Data.Work;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>What a person of the team wants to be told about comments, and when.</summary>
public sealed class NoticePreference : LeasedRow
{
    /// <summary>Identifies the notice wish in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the notice wish belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the notice wish belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Id of the person of the notice wish.</summary>
    public long PersonId { get; set; }

    /// <summary>The person of the notice wish, when it is read with it.</summary>
    public Person Person { get; set; } = null!;

    /// <summary>What they are told.</summary>
    public NoticeAbout About { get; set; }

    /// <summary>Hours between two mails; 0 for at once.</summary>
    public int EveryHours { get; set; }

    /// <summary>From when on the site's clocks nothing is sent; null for no quiet hours.</summary>
    public TimeOnly? QuietFrom { get; set; }

    /// <summary>Until when.</summary>
    public TimeOnly? QuietUntil { get; set; }

    /// <summary>Key of the latest comment told.</summary>
    public long ToldUpTo { get; set; }

    /// <summary>Key of the latest report told.</summary>
    public long ReportsToldUpTo { get; set; }

    /// <summary>When the last mail was made.</summary>
    public DateTimeOffset? LastSentAt { get; set; }
}
