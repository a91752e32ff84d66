namespace Antiphon.Core.Comments.Moderation;

/// <summary>When a person wants to be told: at once or every so many hours, and not in their quiet hours.</summary>
/// <param name="EveryHours">Hours between two mails; 0 for at once.</param>
/// <param name="QuietFrom">From when on the site's clocks nothing is sent; null for no quiet hours.</param>
/// <param name="QuietUntil">Until when; where it is before the start, the hours go over midnight.</param>
/// <param name="Zone">Zone of the site.</param>
public sealed record NoticeRhythm(int EveryHours, TimeOnly? QuietFrom, TimeOnly? QuietUntil, TimeZoneInfo Zone)
{
    /// <summary>Whether a mail may go out now.</summary>
    /// <param name="lastSent">When the last one did, or null.</param>
    /// <param name="now">The moment.</param>
    public bool IsTime(DateTimeOffset? lastSent, DateTimeOffset now) =>
        !IsQuiet(now) && (EveryHours == 0 || lastSent is null || now - lastSent >= TimeSpan.FromHours(EveryHours));

    /// <summary>
    /// Whether the site's clocks stand in the quiet hours. The start is quiet, the end is not; where both are the same
    /// there are none.
    /// </summary>
    public bool IsQuiet(DateTimeOffset now)
    {
        if (QuietFrom is not { } from || QuietUntil is not { } until || from == until)
            return false;
        return TimeOnly.FromDateTime(TimeZoneInfo.ConvertTime(now, Zone).DateTime).IsBetween(from, until);
    }
}
