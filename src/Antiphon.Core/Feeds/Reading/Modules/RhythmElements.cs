using System.Globalization;
using System.Xml;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>
/// What a feed says about how often to visit it: ttl, skipHours and skipDays of RSS, and the syndication module.
/// </summary>
internal sealed class RhythmElements
{
    private static readonly Dictionary<string, TimeSpan> Periods = new(StringComparer.OrdinalIgnoreCase)
    {
        ["hourly"] = TimeSpan.FromHours(1),
        ["daily"] = TimeSpan.FromDays(1),
        ["weekly"] = TimeSpan.FromDays(7),
        ["monthly"] = TimeSpan.FromDays(30),
        ["yearly"] = TimeSpan.FromDays(365),
    };

    private TimeSpan? _period;
    private int? _frequency;

    /// <summary>
    /// Reads ttl, skipHours or skipDays; the reader is left after it. False, and nothing read, for any other name.
    /// </summary>
    public static bool ReadOwn(XmlReader reader, FeedRhythm rhythm)
    {
        switch (reader.LocalName)
        {
            case "ttl":
                if (WholeNumber.Parse(XmlText.Read(reader)) is > 0 and var minutes)
                    rhythm.TimeToLive ??= TimeSpan.FromMinutes(minutes);
                return true;
            case "skipHours":
                XmlWalk.Children(reader, child => AddHour(rhythm, XmlText.Read(child)));
                return true;
            case "skipDays":
                XmlWalk.Children(reader, child => AddDay(rhythm, XmlText.Read(child)));
                return true;
            default:
                return false;
        }
    }

    /// <summary>Reads an element of the syndication module.</summary>
    public void ReadModule(XmlReader reader, FeedRhythm rhythm)
    {
        if (reader.LocalName == "updatePeriod")
            _period ??= Periods.TryGetValue(XmlText.Read(reader).Trim(), out var period) ? period : null;
        else if (reader.LocalName == "updateFrequency")
            _frequency ??= WholeNumber.Parse(XmlText.Read(reader));
        else
            reader.Skip();
        if (_period is { } every)
            rhythm.UpdateEvery = every / Math.Max(1, _frequency ?? 1);
    }

    // Some write 24 for midnight.
    private static void AddHour(FeedRhythm rhythm, string text)
    {
        if (WholeNumber.Parse(text) is >= 0 and <= 24 and var hour && !rhythm.SkipHours.Contains(hour % 24))
            rhythm.SkipHours.Add(hour % 24);
    }

    private static void AddDay(FeedRhythm rhythm, string text)
    {
        var at = Array.FindIndex(CultureInfo.InvariantCulture.DateTimeFormat.DayNames, name =>
            name.Equals(text.Trim(), StringComparison.OrdinalIgnoreCase)
        );
        if (at >= 0 && !rhythm.SkipDays.Contains((DayOfWeek)at))
            rhythm.SkipDays.Add((DayOfWeek)at);
    }
}
