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
        var strict = Rfc822Form.Read(text);
        if ((strict?.Instant ?? PublishedDateParser.Parse(text)) is not { } date)
        {
            examination.Report(RssRules.DateUnreadable, element.TextPlace, text);
            return;
        }

        if (strict is not { } written)
            examination.Report(RssRules.DateForm, element.TextPlace, text);
        else if (written.WrongWeekday is { } named)
            examination.Report(RssRules.WeekdayWrong, element.TextPlace, text, named);
        else if (written.HasShortYear)
            examination.Report(RssStructureRules.YearShort, element.TextPlace, text);
        else if (written.HasLetterZone)
            examination.Report(RssStructureRules.ZoneLetter, element.TextPlace, text);
        DateBounds.Examine(examination, date, element.TextPlace, text);
    }
}
