using System.Globalization;

namespace Antiphon.Core.Time;

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
        if (!DateTime.TryParseExact(local, Format, CultureInfo.InvariantCulture, DateTimeStyles.None, out var time))
            return null;
        if (!TimeZoneInfo.TryFindSystemTimeZoneById(zone, out var found))
            return null;
        var note =
            found.IsInvalidTime(time) ? WallTimeNote.Skipped
            : found.IsAmbiguousTime(time) ? WallTimeNote.Twice
            : WallTimeNote.None;
        return new WallTime(local!, InstantOf(time, found), note);
    }

    /// <summary>
    /// The instant a time on the clocks of a zone means: in a gap the first after it, in an overlap the earlier of
    /// both.
    /// </summary>
    public static DateTimeOffset InstantOf(DateTime time, TimeZoneInfo zone)
    {
        if (zone.IsInvalidTime(time))
            return FirstAfterGap(time, zone);
        // The larger offset from UTC is the earlier instant.
        var offset = zone.IsAmbiguousTime(time) ? zone.GetAmbiguousTimeOffsets(time).Max() : zone.GetUtcOffset(time);
        return new DateTimeOffset(time, offset).ToUniversalTime();
    }

    /// <summary>What to tell the person about it, or null when there is nothing to tell.</summary>
    public string? Word(string zone) =>
        Note switch
        {
            WallTimeNote.Skipped =>
                $"{Local[11..]} does not exist that night (clock change); it will be published at {TimeZoneInfo.ConvertTime(Instant, TimeZoneInfo.FindSystemTimeZoneById(zone)):HH:mm}.",
            WallTimeNote.Twice => $"The clocks show {Local[11..]} twice that night; it goes out the first time.",
            _ => null,
        };

    private static DateTimeOffset FirstAfterGap(DateTime time, TimeZoneInfo zone)
    {
        // Gaps begin and end on whole minutes and are at most some hours long.
        while (zone.IsInvalidTime(time))
            time = time.AddMinutes(1);
        return new DateTimeOffset(time, zone.GetUtcOffset(time)).ToUniversalTime();
    }
}
