using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Checks dates in RSS.</summary>
internal static class RssDateExaminer
{
    /// <summary>
    /// Reports a date that cannot be read, is written otherwise than RFC 822 says, names the wrong weekday, lies before
    /// there were feeds or ahead. A blank one is no date.
    /// </summary>
    public static void Examine(Examination examination, SourceElement element)
    {
        var text = element.Text.Trim();
        if (text.Length == 0)
            return;
        var strict = Rfc822Form.Parse(text);
        if ((strict ?? PublishedDateParser.Parse(text)) is not { } date)
        {
            examination.Report(RssRules.DateUnreadable, element.TextPlace, text);
            return;
        }

        if (strict is null)
            examination.Report(RssRules.DateForm, element.TextPlace, text);
        else if (Rfc822Form.WrongWeekday(text) is { } named)
            examination.Report(RssRules.WeekdayWrong, element.TextPlace, text, named);
        else if (Rfc822Form.HasShortYear(text))
            examination.Report(RssStructureRules.YearShort, element.TextPlace, text);
        else if (Rfc822Form.HasLetterZone(text))
            examination.Report(RssStructureRules.ZoneLetter, element.TextPlace, text);
        DateBounds.Examine(examination, date, element.TextPlace, text);
    }
}
