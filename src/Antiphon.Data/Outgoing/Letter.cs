using Antiphon.Data.Sites;

namespace Antiphon.Data.Outgoing;

/// <summary>
/// A plain mail from a site to one person, such as an invitation or the question whether an address is theirs.
/// </summary>
public sealed class Letter : DueMail
{
    /// <summary>The site it comes from.</summary>
    public long SiteId { get; set; }

    /// <summary>The site it comes from.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Subject.</summary>
    public string Subject { get; set; } = string.Empty;

    /// <summary>Text.</summary>
    public string Text { get; set; } = string.Empty;

    /// <summary>Whom an answer goes to, when that is not the site.</summary>
    public string? AnswerTo { get; set; }

    /// <summary>
    /// Address by which such mails end in one click (RFC 8058), or null where there is nothing to end.
    /// </summary>
    public string? StopAddress { get; set; }
}
