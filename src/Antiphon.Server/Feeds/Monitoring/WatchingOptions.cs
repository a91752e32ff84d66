using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Feeds.Monitoring;

/// <summary>How watched feeds are checked, section "Watching".</summary>
internal sealed class WatchingOptions
{
    /// <summary>Minutes between checks of a feed that is good. Default 60.</summary>
    [Range(1, 10_080)]
    public int EveryMinutes { get; set; } = 60;

    /// <summary>
    /// Minutes between checks of one that is bad, so that the good news comes soon, and of one that is published
    /// repaired. Default 15.
    /// </summary>
    [Range(1, 10_080)]
    public int EveryMinutesWhenBad { get; set; } = 15;

    /// <summary>Seconds between looks for feeds that are due. Default 10.</summary>
    [Range(1, 600)]
    public int LookEverySeconds { get; set; } = 10;

    /// <summary>Feeds checked side by side. Default 4.</summary>
    [Range(1, 100)]
    public int AtOnce { get; set; } = 4;
}
