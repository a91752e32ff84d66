using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Following;

/// <summary>
/// Plans visits to followed feeds: as often as a feed changes, never oftener than it allows, always between five
/// minutes and a day.
/// </summary>
public static class VisitPlan
{
    /// <summary>Shortest pause.</summary>
    public static readonly TimeSpan Shortest = TimeSpan.FromMinutes(5);

    /// <summary>Longest pause.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromHours(24);

    /// <summary>Pause for a feed of which nothing is known.</summary>
    public static readonly TimeSpan Usual = TimeSpan.FromHours(1);

    private const int DatesLookedAt = 20;
    private const double MostJitter = 0.2;

    /// <summary>The visit after one that went well.</summary>
    public static NextVisit After(VisitTerms terms)
    {
        var (pause, reason) = Chosen(terms);
        var at = terms.Now + pause;
        var allowed = FirstAllowed(at, terms.Asked);
        return new NextVisit(allowed, pause, allowed == at ? reason : VisitReason.Skipped);
    }

    /// <summary>
    /// The visit after a failed one: the pause doubles from five minutes with every failure up to a day, and is then
    /// drawn out by up to a fifth, so that visitors do not all come back at one moment.
    /// </summary>
    /// <param name="now">The moment of the failure.</param>
    /// <param name="failures">Failures in a row with this one, from 1.</param>
    /// <param name="retryAfter">How long the server asked to wait, or null.</param>
    /// <param name="chance">A random number from 0 to 1.</param>
    public static NextVisit AfterFailure(DateTimeOffset now, int failures, TimeSpan? retryAfter, double chance)
    {
        var doubled = Shortest * Math.Pow(2, Math.Clamp(failures - 1, 0, 20));
        var pause = (doubled < Longest ? doubled : Longest) * (1 + (MostJitter * Math.Clamp(chance, 0, 1)));
        if (retryAfter is not { } asked || asked <= pause)
            return new NextVisit(now + pause, pause, VisitReason.Failures);
        // A server may ask for more than a day, and is obeyed within reason.
        var obeyed = asked < Longest * 7 ? asked : Longest * 7;
        return new NextVisit(now + obeyed, obeyed, VisitReason.RetryAfter);
    }

    private static (TimeSpan Pause, VisitReason Reason) Chosen(VisitTerms terms)
    {
        if (terms.IsPushed)
            return (Longest, VisitReason.Hub);
        var (pause, reason) =
            OwnRhythm(terms.Dates, terms.Now) is { } own ? (own, VisitReason.OwnRhythm)
            : terms.Asked.UpdateEvery is { } period ? (Between(period / 2), VisitReason.UpdatePeriod)
            : (Usual, VisitReason.Usual);
        // What the feed and its server ask are shortest pauses; the longer of them counts.
        if (terms.Asked.TimeToLive is { } ttl && Between(ttl) > pause)
            (pause, reason) = (Between(ttl), VisitReason.TimeToLive);
        if (terms.MaxAge is { } age && Between(age) > pause)
            (pause, reason) = (Between(age), VisitReason.MaxAge);
        return (pause, reason);
    }

    /// <summary>
    /// Half of the usual distance between entries: the median, so that one long silence or one busy evening does not
    /// count. A feed silent for longer than that is visited as seldom as it is silent.
    /// </summary>
    private static TimeSpan? OwnRhythm(IReadOnlyList<DateTimeOffset> dates, DateTimeOffset now)
    {
        var latest = dates.Where(date => date <= now).OrderDescending().Take(DatesLookedAt).ToList();
        if (latest.Count < 3)
            return null;
        var distances = latest.Zip(latest.Skip(1), (newer, older) => newer - older).Order().ToList();
        var usual = distances[distances.Count / 2];
        var silence = now - latest[0];
        return Between((silence > usual * 4 ? silence / 4 : usual) / 2);
    }

    private static TimeSpan Between(TimeSpan pause) =>
        pause < Shortest ? Shortest
        : pause > Longest ? Longest
        : pause;

    // A feed that skips every hour or day asks for the impossible, and is then visited when it is due.
    private static DateTimeOffset FirstAllowed(DateTimeOffset at, FeedRhythm asked)
    {
        if (asked.SkipHours.Count == 0 && asked.SkipDays.Count == 0)
            return at;
        var utc = at.ToUniversalTime();
        for (var hour = 0; hour <= 7 * 24; hour++)
        {
            var tried =
                hour == 0
                    ? utc
                    : new DateTimeOffset(utc.Year, utc.Month, utc.Day, utc.Hour, 0, 0, TimeSpan.Zero).AddHours(hour);
            if (!asked.SkipHours.Contains(tried.Hour) && !asked.SkipDays.Contains(tried.DayOfWeek))
                return tried;
        }

        return at;
    }
}
