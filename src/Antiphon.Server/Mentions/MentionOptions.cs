using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Mentions;

/// <summary>How mentions are taken, section "Mentions".</summary>
internal sealed class MentionOptions
{
    /// <summary>
    /// Mentions of a site that may wait to be read; what comes beyond is refused for now. Default 500.
    /// </summary>
    [Range(1, 100_000)]
    public int MostUnread { get; set; } = 500;

    /// <summary>The same from one host. Default 20.</summary>
    [Range(1, 10_000)]
    public int MostUnreadOfHost { get; set; } = 20;

    /// <summary>Seconds between looks when nobody calls. Default 3.</summary>
    [Range(1, 600)]
    public int LookEverySeconds { get; set; } = 3;

    /// <summary>Seconds in which a page is not read again however often it is told. Default 60.</summary>
    [Range(0, 86_400)]
    public int RestSeconds { get; set; } = 60;

    /// <summary>Pages read side by side, each from another host. Default 4.</summary>
    [Range(1, 100)]
    public int AtOnce { get; set; } = 4;
}
