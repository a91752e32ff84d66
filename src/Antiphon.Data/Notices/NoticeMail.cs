using Antiphon.Data.Outgoing;

namespace Antiphon.Data.Notices;

/// <summary>The mail of a notice to one person.</summary>
public sealed class NoticeMail : DueMail
{
    /// <summary>Id of the notice of the notice mail.</summary>
    public long NoticeId { get; set; }

    /// <summary>The notice of the notice mail, when it is read with it.</summary>
    public Notice Notice { get; set; } = null!;
}
