using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Blogs;

/// <summary>How followed feeds are visited, section "Following".</summary>
internal sealed class FollowingOptions
{
    /// <summary>Seconds between visits to one feed. Default 900.</summary>
    [Range(1, 86_400)]
    public int IntervalSeconds { get; set; } = 900;

    /// <summary>Longest pause after failed visits, in seconds; each failure doubles the pause up to it. Default 86,400.</summary>
    [Range(1, 604_800)]
    public int LongestPauseSeconds { get; set; } = 86_400;

    /// <summary>Seconds between looks for feeds that are due. Default 5.</summary>
    [Range(1, 600)]
    public int LookEverySeconds { get; set; } = 5;
}
