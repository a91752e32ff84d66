using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Time;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Subscribers;

namespace Antiphon.Server.Subscribers;

/// <summary>
/// Chooses subscribers. Here alone stands who gets mail and who belongs to a segment, for counting and for sending
/// alike.
/// </summary>
internal static class Receivers
{
    /// <summary>
    /// Those who get mail at a moment: they did not leave, made no pause, and their address takes it.
    /// </summary>
    public static IQueryable<Subscriber> GettingMail(this IQueryable<Subscriber> all, DateTimeOffset now) =>
        all.Where(subscriber =>
            subscriber.LeftAt == null
            && subscriber.Suppressed == null
            && (subscriber.PausedUntil == null || subscriber.PausedUntil <= now)
        );

    /// <summary>Those a digest goes to, whose segment is loaded.</summary>
    public static IQueryable<Subscriber> Of(
        this IQueryable<Subscriber> all,
        Digest digest,
        AntiphonContext database,
        string zone,
        DateTimeOffset now
    )
    {
        var (site, id, isUsual) = (digest.SiteId, digest.Id, digest.IsUsual);
        var chosen = all.Where(subscriber => subscriber.SiteId == site)
            .GettingMail(now)
            .Where(subscriber => subscriber.Digests == null ? isUsual : subscriber.Digests.Contains(id));
        return digest.Segment is { } segment ? chosen.In(segment.Rule, database, zone, now) : chosen;
    }

    /// <summary>
    /// Those who want a post of these categories: they chose one of them or none at all, or the post has none. What a
    /// mail brings is decided the same way (<see cref="DigestSelection.Pick"/>).
    /// </summary>
    public static IQueryable<Subscriber> Wanting(
        this IQueryable<Subscriber> all,
        IReadOnlyCollection<string> categories
    )
    {
        if (categories.Count == 0)
            return all;
        // The database knows small letters of ASCII only; others are looked for as they are written.
        var known = categories.SelectMany(name => new[] { name, name.ToLowerInvariant() }).Distinct().ToList();
        return all.Where(subscriber =>
            subscriber.Categories.Count == 0
            || subscriber.Categories.Any(category => known.Contains(category) || known.Contains(category.ToLower()))
        );
    }

    /// <summary>Those who belong to a segment.</summary>
    public static IQueryable<Subscriber> In(
        this IQueryable<Subscriber> all,
        SegmentRule rule,
        AntiphonContext database,
        string zone,
        DateTimeOffset now
    )
    {
        if (rule.Categories.Count > 0)
            all = all.Where(subscriber =>
                subscriber.Categories.Count == 0
                || subscriber.Categories.Any(category => rule.Categories.Contains(category))
            );
        if (rule.Origins.Count > 0)
            all = all.Where(subscriber => rule.Origins.Contains(subscriber.Origin));
        if (rule.Forms.Count > 0)
            all = all.Where(subscriber => subscriber.FormId != null && rule.Forms.Contains(subscriber.FormId.Value));
        if (rule.Since is { } since && BeginOf(since, zone) is var from)
            all = all.Where(subscriber => subscriber.CreatedAt >= from);
        if (rule.Until is { } until && BeginOf(until.AddDays(1), zone) is var before)
            all = all.Where(subscriber => subscriber.CreatedAt < before);
        if (rule.SeenWithin is { } within && now.AddDays(-within) is var first)
            all = all.Where(subscriber =>
                subscriber.SeenAt >= first
                || database.Comments.Any(comment =>
                    comment.SiteId == subscriber.SiteId && comment.Mail == subscriber.Mail && comment.CreatedAt >= first
                )
            );
        if (rule.SilentFor is { } silent && now.AddDays(-silent) is var last)
        {
            all = all.Where(subscriber =>
                subscriber.CreatedAt < last
                && (subscriber.SeenAt == null || subscriber.SeenAt < last)
                && !database.Comments.Any(comment =>
                    comment.SiteId == subscriber.SiteId && comment.Mail == subscriber.Mail && comment.CreatedAt >= last
                )
            );
        }

        return all;
    }

    private static DateTimeOffset BeginOf(DateOnly day, string zone) =>
        WallTime.InstantOf(day.ToDateTime(TimeOnly.MinValue), TimeZoneInfo.FindSystemTimeZoneById(zone));
}
