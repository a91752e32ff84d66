using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Writes dates as their format wants them. A date nobody can read stays as it is.</summary>
internal static class DateRepair
{
    /// <summary>A date of Atom and JSON Feed (RFC 3339), or null when it is right or cannot be read.</summary>
    public static string? Rfc3339(string text) =>
        Rfc3339DateParser.ParseStrict(text.ToUpperInvariant()) is null && PublishedDateParser.Parse(text) is { } date
            ? AtomWriter.Date(date)
            : null;

    /// <summary>A date of Dublin Core, or null when nobody can read it.</summary>
    public static string? W3C(string text) =>
        PublishedDateParser.Parse(text) is { } date ? AtomWriter.Date(date) : null;
}
