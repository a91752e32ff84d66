using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs elements that hold a date.</summary>
internal static class DatedElement
{
    /// <summary>A date of RSS (RFC 822).</summary>
    public static void Rss(RepairWork work, XElement element)
    {
        var text = element.Value.Trim();
        var strict = Rfc822Form.Read(text);
        if ((strict?.Instant ?? PublishedDateParser.Parse(text)) is not { } date)
            return;
        var isStrict = strict is not null;
        if (isStrict && strict!.Value.WrongWeekday is null)
            return;
        Write(work, element, isStrict ? RssRules.WeekdayWrong.Id : RssRules.DateForm.Id, text, RssWriter.Date(date));
    }

    /// <summary>A date of Atom, which has capital letters and no white space around it.</summary>
    public static void Atom(RepairWork work, XElement element)
    {
        var text = element.Value;
        if (DateRepair.Rfc3339(text.Trim()) is { } right)
            Write(work, element, AtomRules.DateInvalid.Id, text.Trim(), right);
        else if (
            Rfc3339DateParser.ParseStrict(text.Trim().ToUpperInvariant()) is not null
            && text != text.Trim().ToUpperInvariant()
        )
            Write(work, element, AtomStructureRules.DateForm.Id, text.Trim(), text.Trim().ToUpperInvariant());
    }

    private static void Write(RepairWork work, XElement element, string rule, string before, string after)
    {
        work.Note(element, rule, $"Wrote the date “{before}” as {after}");
        RepairWork.SetText(element, after);
    }
}
