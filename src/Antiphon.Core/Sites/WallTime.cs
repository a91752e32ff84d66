using System.Globalization;

namespace Antiphon.Core.Sites;

/// <summary>A time on the clocks of a site, and the instant it means.</summary>
/// <param name="Local">The time as it was entered.</param>
/// <param name="Instant">The instant; in a gap the first after it, in an overlap the earlier of both.</param>
/// <param name="Note">Whether the clocks change around it.</param>
public sealed record WallTime(string Local, DateTimeOffset Instant, WallTimeNote Note)
{
    /// <summary>Form of a local time, exact to the minute.</summary>
    public const string Format = "yyyy-MM-dd'T'HH:mm";

    /// <summary>Reads a local time; null when it is none or the zone is unknown.</summary>
    /// <param name="local">A time such as "2027-03-28T01:30".</param>
    /// <param name="zone">IANA zone of the clocks.</param>
    public static WallTime? Read(string? local, string zone)
    {
        if (!DateTime.TryParseExact(local, Format, CultureInfo.InvariantCulture, DateTimeStyles.None, out var time)) return null;
        if (!TimeZoneInfo.TryFindSystemTimeZoneById(zone, out var found)) return null;
        if (found.IsInvalidTime(time)) return new WallTime(local!, FirstAfterGap(time, found), WallTimeNote.Skipped);
        if (!found.IsAmbiguousTime(time)) return new WallTime(local!, new DateTimeOffset(time, found.GetUtcOffset(time)).ToUniversalTime(), WallTimeNote.None);
        // The larger offset from UTC is the earlier instant.
        return new WallTime(local!, new DateTimeOffset(time, found.GetAmbiguousTimeOffsets(time).Max()).ToUniversalTime(), WallTimeNote.Twice);
    }

    /// <summary>What to tell the person about it, or null when there is nothing to tell.</summary>
    public string? Word(string zone) => Note switch
    {
        WallTimeNote.Skipped => $"The clocks go forward over {Local[11..]} that night; it goes out at {TimeZoneInfo.ConvertTime(Instant, TimeZoneInfo.FindSystemTimeZoneById(zone)):HH:mm}.",
        WallTimeNote.Twice => $"The clocks show {Local[11..]} twice that night; it goes out the first time.",
        _ => null,
    };

    private static DateTimeOffset FirstAfterGap(DateTime time, TimeZoneInfo zone)
    {
        // Gaps begin and end on whole minutes and are at most some hours long.
        while (zone.IsInvalidTime(time)) time = time.AddMinutes(1);
        return new DateTimeOffset(time, zone.GetUtcOffset(time)).ToUniversalTime();
    }
}
