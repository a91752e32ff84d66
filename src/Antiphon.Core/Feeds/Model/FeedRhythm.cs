namespace Antiphon.Core.Feeds.Model;

/// <summary>What a feed asks of those who visit it.</summary>
public sealed record FeedRhythm
{
    /// <summary>How long a copy may be kept (RSS ttl, given there in minutes).</summary>
    public TimeSpan? TimeToLive { get; set; }

    /// <summary>How often it changes (syndication module: updatePeriod and updateFrequency).</summary>
    public TimeSpan? UpdateEvery { get; set; }

    /// <summary>Hours of the day in UTC, 0 to 23, at which it is not to be visited.</summary>
    public List<int> SkipHours { get; init; } = [];

    /// <summary>Days in UTC on which it is not to be visited.</summary>
    public List<DayOfWeek> SkipDays { get; init; } = [];
}
