using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>
/// How followed feeds are visited, section "Following". How often each is visited is planned from the feed itself.
/// </summary>
internal sealed class FollowingOptions
{
    /// <summary>Seconds between looks for feeds that are due. Default 5.</summary>
    [Range(1, 600)]
    public int LookEverySeconds { get; set; } = 5;

    /// <summary>Feeds visited at the same time, each at another host. Default 4.</summary>
    [Range(1, 32)]
    public int AtOnce { get; set; } = 4;

    /// <summary>Days a hub is asked to keep telling; it may choose otherwise. Default 10.</summary>
    [Range(1, 90)]
    public int LeaseDays { get; set; } = 10;
}
