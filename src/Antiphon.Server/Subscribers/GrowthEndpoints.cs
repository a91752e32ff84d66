using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Time;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers;

/// <summary>/api/sites/{site}/subscribers/growth: how the list of subscribers grew.</summary>
internal static class GrowthEndpoints
{
    private const int MostDays = 730;

    /// <summary>Maps it.</summary>
    public static void MapGrowth(this RouteGroupBuilder subscribers) =>
        subscribers
            .MapGet("/growth", Get)
            .Needs(SiteRight.SeeReaders)
            .WithName("getGrowth")
            .WithSummary("Who came and left, by day on the site's clocks and by how they came.");

    private static async Task<Ok<GrowthView>> Get(
        long site,
        int? days,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var zone = await database.TimeZoneOfAsync(site, cancellation);
        DateOnly DayOf(DateTimeOffset at) => DateOnly.FromDateTime(SiteCulture.Local(at, zone).DateTime);
        var last = DayOf(clock.GetUtcNow());
        var first = last.AddDays(1 - Math.Clamp(days ?? 90, 7, MostDays));
        var from = WallTime.InstantOf(first.ToDateTime(TimeOnly.MinValue), TimeZoneInfo.FindSystemTimeZoneById(zone));
        var joined = await database
            .Subscribers.Where(subscriber => subscriber.SiteId == site && subscriber.CreatedAt >= from)
            .Select(subscriber => new { subscriber.CreatedAt, subscriber.Origin })
            .ToListAsync(cancellation);
        var left = await database
            .Subscribers.Where(subscriber =>
                subscriber.SiteId == site && (subscriber.LeftAt >= from || subscriber.SuppressedAt >= from)
            )
            .Select(subscriber => subscriber.LeftAt ?? subscriber.SuppressedAt!.Value)
            .ToListAsync(cancellation);
        var before = await database.Subscribers.CountAsync(
            subscriber =>
                subscriber.SiteId == site
                && subscriber.CreatedAt < from
                && (subscriber.LeftAt == null || subscriber.LeftAt >= from)
                && (subscriber.SuppressedAt == null || subscriber.SuppressedAt >= from),
            cancellation
        );
        var (came, went) = (joined.ToLookup(row => DayOf(row.CreatedAt), row => row.Origin), left.ToLookup(DayOf));
        var (rows, total) = (new List<GrowthDay>(), before);
        for (var day = first; day <= last; day = day.AddDays(1))
        {
            var origins = came[day].ToList();
            total += origins.Count - went[day].Count();
            rows.Add(
                new GrowthDay(
                    day,
                    origins.Count(origin => origin == SubscriberOrigin.Form),
                    origins.Count(origin => origin == SubscriberOrigin.Hand),
                    origins.Count(origin => origin == SubscriberOrigin.List),
                    origins.Count(origin => origin == SubscriberOrigin.Unknown),
                    went[day].Count(),
                    total
                )
            );
        }

        return TypedResults.Ok(new GrowthView(rows));
    }
}

/// <summary>How a list of subscribers grew.</summary>
/// <param name="Days">Day by day, the first first.</param>
internal sealed record GrowthView(IReadOnlyList<GrowthDay> Days);

/// <summary>One day.</summary>
/// <param name="Form">Came by a form.</param>
/// <param name="Hand">Were added by hand.</param>
/// <param name="List">Came by a list.</param>
/// <param name="Unknown">Came in a way nobody noted.</param>
/// <param name="Left">Left, or whose address takes no mail any more.</param>
/// <param name="Total">How many there were at its end.</param>
internal sealed record GrowthDay(DateOnly Day, int Form, int Hand, int List, int Unknown, int Left, int Total);
