namespace Antiphon.Core.Channels;

/// <summary>
/// How much a receiver takes in a time: no stretch of so many minutes sees more attempts than that, wherever it begins.
/// </summary>
/// <param name="Most">Most attempts; 0 for as many as there are.</param>
/// <param name="Minutes">Minutes of the stretch.</param>
public sealed record ChannelPace(int Most = 0, int Minutes = 60)
{
    /// <summary>Most attempts that can be asked for.</summary>
    public const int Highest = 1000;

    /// <summary>As fast as the receiver answers.</summary>
    public static ChannelPace Free { get; } = new();

    /// <summary>How many attempts may begin now.</summary>
    /// <param name="begun">When attempts of the last stretch began, in any order; earlier ones do no harm.</param>
    /// <param name="now">The moment.</param>
    public int RoomNow(IEnumerable<DateTimeOffset> begun, DateTimeOffset now) =>
        Most == 0 ? int.MaxValue : Math.Max(0, Most - begun.Count(at => at > Since(now)));

    /// <summary>What began before this moment counts no more.</summary>
    public DateTimeOffset Since(DateTimeOffset now) => now.AddMinutes(-Minutes);

    /// <summary>When the next attempt may begin; the moment itself where that is now.</summary>
    /// <inheritdoc cref="RoomNow" path="/param"/>
    public DateTimeOffset NextAt(IEnumerable<DateTimeOffset> begun, DateTimeOffset now)
    {
        if (Most == 0)
            return now;
        var within = begun.Where(at => at > Since(now)).Order().ToList();
        return within.Count < Most ? now : within[^Most].AddMinutes(Minutes);
    }
}
