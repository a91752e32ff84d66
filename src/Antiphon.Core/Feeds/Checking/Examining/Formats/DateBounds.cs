using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>When a feed can have been written.</summary>
internal static class DateBounds
{
    // A clock that runs a little fast is no fault of the feed.
    private static readonly TimeSpan Tolerance = TimeSpan.FromHours(1);
    private static readonly DateTimeOffset FirstFeeds = new(1990, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>Reports a date that lies ahead, or before there was a web.</summary>
    public static void Examine(Examination examination, DateTimeOffset date, ISourcePlace place, string text)
    {
        if (date > examination.Now + Tolerance)
            examination.Report(SharedRules.DateInFuture, place, text);
        else if (date < FirstFeeds)
            examination.Report(ContentRules.DateImplausible, place, text);
    }
}
