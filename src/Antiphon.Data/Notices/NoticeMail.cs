using Antiphon.Data.Outgoing;

namespace Antiphon.Data.Notices;

/// <summary>The mail of a notice to one person.</summary>
public sealed class NoticeMail : DueMail
{
    /// <summary>The notice.</summary>
    public long NoticeId { get; set; }

    /// <summary>The notice.</summary>
    public Notice Notice { get; set; } = null!;
}
