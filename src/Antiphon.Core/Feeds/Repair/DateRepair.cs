using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Writes dates as their format wants them. A date nobody can read stays as it is.</summary>
internal static class DateRepair
{
    /// <summary>A date of RSS (RFC 822).</summary>
    public static void Rss(RepairWork work, XElement element)
    {
        var text = element.Value.Trim();
        if (
            PublishedDateParser.Parse(text) is not { } date
            || (Rfc822DateParser.IsStrict(text) && Rfc822DateParser.WrongWeekday(text) is null)
        )
            return;
        var rule = Rfc822DateParser.IsStrict(text) ? RssRules.WeekdayWrong.Id : RssRules.DateForm.Id;
        Write(work, element, rule, text, RssWriter.Date(date));
    }

    /// <summary>A date of Atom and JSON Feed (RFC 3339), or null when it is right or cannot be read.</summary>
    public static string? Rfc3339(string text) =>
        Rfc3339DateParser.ParseStrict(text) is null && PublishedDateParser.Parse(text) is { } date
            ? AtomWriter.Date(date)
            : null;

    /// <summary>A date of Atom.</summary>
    public static void Atom(RepairWork work, XElement element)
    {
        if (Rfc3339(element.Value.Trim()) is { } right)
            Write(work, element, AtomRules.DateInvalid.Id, element.Value.Trim(), right);
    }

    private static void Write(RepairWork work, XElement element, string rule, string before, string after)
    {
        work.Note(element, rule, $"Wrote the date “{before}” as {after}");
        RepairWork.SetText(element, after);
    }
}
