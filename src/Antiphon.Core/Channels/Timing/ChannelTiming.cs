using Antiphon.Core.Time;

namespace Antiphon.Core.Channels.Timing;

/// <summary>When a channel sends.</summary>
/// <param name="DelayMinutes">Minutes after publishing.</param>
/// <param name="Slots">Times of the week at which one post each may go out; empty for none.</param>
/// <param name="QuietFrom">Begin of the hours in which nothing goes out, on the site's clocks; null for none.</param>
/// <param name="QuietUntil">End of those hours; before the begin it lies on the next day.</param>
/// <param name="SpacingMinutes">Least minutes between two posts; 0 for none.</param>
public sealed record ChannelTiming(
    int DelayMinutes = 0,
    IReadOnlyList<Slot>? Slots = null,
    TimeOnly? QuietFrom = null,
    TimeOnly? QuietUntil = null,
    int SpacingMinutes = 0
)
{
    private const int MostDays = 400;
    private const int MostSteps = 20_000;

    /// <summary>At once, at any hour.</summary>
    public static ChannelTiming Always { get; } = new();

    /// <summary>When a post may go out.</summary>
    /// <param name="when">How the channel decides.</param>
    /// <param name="published">When the post became public, or is to be sent from.</param>
    /// <param name="taken">When other posts go to the channel.</param>
    /// <param name="zone">Zone of the site's clocks.</param>
    public DateTimeOffset Next(
        ChannelWhen when,
        DateTimeOffset published,
        IReadOnlyCollection<DateTimeOffset> taken,
        TimeZoneInfo zone
    )
    {
        if (when == Channels.ChannelWhen.NextSlot && Slots is { Count: > 0 } slots)
            return NextSlot(slots, published, taken, zone);
        var at = when == Channels.ChannelWhen.AfterDelay ? published.AddMinutes(DelayMinutes) : published;
        return Spaced(at, taken, zone);
    }

    // Slots are chosen by people who know their hours, so quiet hours do not touch them.
    private static DateTimeOffset NextSlot(
        IReadOnlyList<Slot> slots,
        DateTimeOffset from,
        IReadOnlyCollection<DateTimeOffset> taken,
        TimeZoneInfo zone
    )
    {
        var day = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(from, zone).DateTime);
        for (var days = 0; days < MostDays; days++, day = day.AddDays(1))
        {
            foreach (var slot in slots.Where(slot => slot.Day == day.DayOfWeek).OrderBy(slot => slot.Time))
            {
                var at = InstantOf(day, slot.Time, zone);
                if (at >= from && !taken.Contains(at))
                    return at;
            }
        }

        return from.AddDays(MostDays);
    }

    private DateTimeOffset Spaced(DateTimeOffset at, IReadOnlyCollection<DateTimeOffset> taken, TimeZoneInfo zone)
    {
        var spacing = TimeSpan.FromMinutes(SpacingMinutes);
        for (var step = 0; step < MostSteps; step++)
        {
            var loud = AfterQuiet(at, zone);
            // The earliest moment that keeps its distance from those before and after it.
            if (
                SpacingMinutes == 0
                || taken
                    .Where(other => (other - loud).Duration() < spacing)
                    .Select(other => (DateTimeOffset?)other)
                    .Max()
                    is not { } near
            )
                return loud;
            at = near + spacing;
        }

        return at;
    }

    private DateTimeOffset AfterQuiet(DateTimeOffset at, TimeZoneInfo zone)
    {
        if (QuietFrom is not { } from || QuietUntil is not { } until || from == until)
            return at;
        var local = TimeZoneInfo.ConvertTime(at, zone).DateTime;
        var (day, time) = (DateOnly.FromDateTime(local), TimeOnly.FromDateTime(local));
        if (from < until)
            return time >= from && time < until ? InstantOf(day, until, zone) : at;
        if (time < until)
            return InstantOf(day, until, zone);
        return time >= from ? InstantOf(day.AddDays(1), until, zone) : at;
    }

    // A time the clocks skip is the first moment after it; of one they show twice, the first.
    private static DateTimeOffset InstantOf(DateOnly day, TimeOnly time, TimeZoneInfo zone) =>
        WallTime.InstantOf(day.ToDateTime(time), zone);
}
