namespace Antiphon.Core.Channels.Counting;

/// <summary>
/// When a network is asked again what a short post brought: often while people read it, then more and more seldom, and
/// no more after thirty days.
/// </summary>
public static class CountingRhythm
{
    // How old a post may be, and how long after a look the next is due then.
    private static readonly (TimeSpan Age, TimeSpan Pause)[] Steps =
    [
        (TimeSpan.FromHours(6), TimeSpan.FromMinutes(15)),
        (TimeSpan.FromDays(3), TimeSpan.FromHours(1)),
        (TimeSpan.FromDays(14), TimeSpan.FromHours(6)),
        (TimeSpan.FromDays(30), TimeSpan.FromDays(1)),
    ];

    /// <summary>When the network is asked next after a look; null for no more.</summary>
    /// <param name="delivered">When the network took the post.</param>
    /// <param name="now">When it was looked.</param>
    public static DateTimeOffset? After(DateTimeOffset delivered, DateTimeOffset now)
    {
        var pause = Steps
            .Where(step => now - delivered < step.Age)
            .Select(step => (TimeSpan?)step.Pause)
            .FirstOrDefault();
        return now + pause;
    }
}
