using Antiphon.Core.Time;

namespace Antiphon.Core.Mailing.Digests;

/// <summary>When a digest goes out, on the site's clocks.</summary>
/// <param name="Every">How often.</param>
/// <param name="At">Time of the day, exact to the minute; without meaning for <see cref="DigestEvery.Post"/>.</param>
/// <param name="Day">Day of the week, for <see cref="DigestEvery.Week"/>.</param>
/// <param name="DayOfMonth">Day of the month from 1 to 31, for <see cref="DigestEvery.Month"/>; a shorter month takes
/// its last day.</param>
public sealed record DigestRhythm(DigestEvery Every, TimeOnly At, DayOfWeek Day = DayOfWeek.Monday, int DayOfMonth = 1)
{
    /// <summary>With each post.</summary>
    public static DigestRhythm WithEachPost { get; } = new(DigestEvery.Post, TimeOnly.MinValue);

    /// <summary>
    /// The first moment after another at which it goes out; null for <see cref="DigestEvery.Post"/>. Every day of the
    /// rhythm has one such moment also when the clocks change: a time they skip is the first moment
    /// after it, of one they show twice it is the first.
    /// </summary>
    /// <param name="after">The other moment.</param>
    /// <param name="zone">Zone of the site's clocks.</param>
    public DateTimeOffset? Next(DateTimeOffset after, TimeZoneInfo zone)
    {
        if (Every == DigestEvery.Post)
            return null;
        // The day before, since a moment that was moved over a gap may belong to it.
        var day = DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(after, zone).DateTime).AddDays(-1);
        while (true)
        {
            if (IsOn(day) && WallTime.InstantOf(day.ToDateTime(At), zone) is var at && at > after)
                return at;
            day = day.AddDays(1);
        }
    }

    private bool IsOn(DateOnly day) =>
        Every switch
        {
            DigestEvery.Week => day.DayOfWeek == Day,
            DigestEvery.Month => day.Day == Math.Min(DayOfMonth, DateTime.DaysInMonth(day.Year, day.Month)),
            _ => true,
        };
}
