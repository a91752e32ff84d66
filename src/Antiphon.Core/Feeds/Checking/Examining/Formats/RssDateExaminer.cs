using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Checks dates in RSS.</summary>
internal static class RssDateExaminer
{
    // A clock that runs a little fast is no fault of the feed.
    private static readonly TimeSpan Tolerance = TimeSpan.FromHours(1);

    /// <summary>
    /// Reports a date that cannot be read, is written otherwise than RFC 822 says, names the wrong weekday or lies
    /// ahead.
    /// </summary>
    public static void Examine(Examination examination, SourceElement element)
    {
        var text = element.Text.Trim();
        if (PublishedDateParser.Parse(text) is not { } date)
        {
            examination.Report(RssRules.DateUnreadable, element.TextPlace, text);
            return;
        }

        if (!Rfc822DateParser.IsStrict(text))
            examination.Report(RssRules.DateForm, element.TextPlace, text);
        if (Rfc822DateParser.WrongWeekday(text) is { } weekday)
            examination.Report(RssRules.WeekdayWrong, element.TextPlace, text, weekday);
        if (date > examination.Now + Tolerance)
            examination.Report(SharedRules.DateInFuture, element.TextPlace, text);
    }
}
