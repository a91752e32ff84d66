using Antiphon.Data.Sites;

namespace Antiphon.Data.Notices;

/// <summary>Something the team of a site is told without having asked.</summary>
public sealed class Notice
{
    /// <summary>Identifies the notice in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the notice belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the notice belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>When it happened.</summary>
    public DateTimeOffset At { get; set; }

    /// <summary>True for trouble, false for good news.</summary>
    public bool IsTrouble { get; set; }

    /// <summary>One sentence.</summary>
    public string Title { get; set; } = string.Empty;

    /// <summary>What changed, line by line.</summary>
    public string Text { get; set; } = string.Empty;

    /// <summary>Path of the screen it leads to, without leading slash.</summary>
    public string Path { get; set; } = string.Empty;

    /// <summary>When somebody put it away.</summary>
    public DateTimeOffset? DoneAt { get; set; }

    /// <summary>Its mails.</summary>
    public List<NoticeMail> Mails { get; } = [];
}
