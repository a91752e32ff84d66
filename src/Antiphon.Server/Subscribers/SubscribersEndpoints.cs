using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Text;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Subscribers.Preferences;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers;

/// <summary>/api/sites/{site}/subscribers.</summary>
internal static class SubscribersEndpoints
{
    private const int PageSize = 100;

    /// <summary>Maps the area.</summary>
    public static void MapReaders(this RouteGroupBuilder site)
    {
        var subscribers = site.MapGroup("/subscribers").WithTags("Readers");
        subscribers.MapGet("", ListSubscribers).Needs(SiteRight.SeeReaders).WithName("listSubscribers");
        subscribers
            .MapPost("", AddSubscriber)
            .Needs(SiteRight.Edit)
            .Validate<SubscriberRequest>()
            .WithName("addSubscriber");
        subscribers.MapSubscriberLists();
        subscribers.MapGrowth();
        subscribers.MapSubscriber();
        subscribers.MapPost("/{subscriber:long}/leave", EndMails).Needs(SiteRight.Edit).WithName("endSubscription");
        subscribers
            .MapPost("/{subscriber:long}/return", ResumeMails)
            .Needs(SiteRight.Edit)
            .WithName("resumeSubscription");
    }

    private static async Task<Ok<SubscriberPage>> ListSubscribers(
        long site,
        AntiphonContext database,
        string? search,
        long? segment,
        long? before,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var all = database.Subscribers.AsNoTracking().Where(subscriber => subscriber.SiteId == site);
        var active = await all.CountAsync(
            subscriber => subscriber.LeftAt == null && subscriber.Suppressed == null,
            cancellation
        );
        var left = await all.CountAsync(subscriber => subscriber.LeftAt != null, cancellation);
        if (!string.IsNullOrWhiteSpace(search))
            all = all.Where(subscriber =>
                EF.Functions.Like(subscriber.Mail, $"%{search.Trim()}%")
                || EF.Functions.Like(subscriber.Name!, $"%{search.Trim()}%")
            );
        if (segment is { } id)
            all = await WithinAsync(all, site, id, database, clock.GetUtcNow(), cancellation);
        if (before is not null)
            all = all.Where(subscriber => subscriber.Id < before);
        var rows = await all.OrderByDescending(subscriber => subscriber.Id)
            .Take(PageSize + 1)
            .Select(subscriber => new SubscriberView(
                subscriber.Id,
                subscriber.Mail,
                subscriber.Name,
                subscriber.CreatedAt,
                subscriber.LeftAt,
                subscriber.Origin,
                subscriber.Reason,
                database.Deliveries.Count(delivery =>
                    delivery.SubscriberId == subscriber.Id && delivery.State == DeliveryState.Delivered
                ),
                subscriber.Suppressed == null
                    ? null
                    : new SuppressedView(subscriber.Suppressed.Value, subscriber.SuppressedAt),
                subscriber.PausedUntil,
                subscriber.Form!.Name
            ))
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new SubscriberPage(
                active,
                left,
                [.. rows.Take(PageSize)],
                rows.Count > PageSize ? rows[PageSize - 1].Id : null
            )
        );
    }

    // Those of a segment; all of them when there is none of that number.
    private static async Task<IQueryable<Subscriber>> WithinAsync(
        IQueryable<Subscriber> all,
        long site,
        long segment,
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Segments.AsNoTracking()
            .FirstOrDefaultAsync(row => row.Id == segment && row.SiteId == site, cancellation);
        if (found is null)
            return all;
        var zone = await database.TimeZoneOfAsync(site, cancellation);
        return all.In(found.Rule, database, zone, now);
    }

    private static async Task<Results<NoContent, ValidationProblem>> AddSubscriber(
        long site,
        SubscriberRequest request,
        AntiphonContext database,
        SubscriberLeaving leaving,
        IKeySource keys,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var mail = request.Mail.Trim().ToLowerInvariant();
        var known = await database.Subscribers.SingleOrDefaultAsync(
            subscriber => subscriber.SiteId == site && subscriber.Mail == mail,
            cancellation
        );
        if (known is not null)
        {
            return FieldProblem.For(
                "mail",
                known.LeftAt is null
                    ? "Already subscribed."
                    : "This person unsubscribed. Add them again only at their request."
            );
        }

        var name = string.IsNullOrWhiteSpace(request.Name) ? null : request.Name.Trim();
        await leaving.JoinAsync(
            new Subscriber
            {
                SiteId = site,
                Mail = mail,
                Name = name,
                Key = keys.NewKey(32),
                CreatedAt = clock.GetUtcNow(),
                Origin = SubscriberOrigin.Hand,
                Reason = Trimmed.OrNull(request.Reason),
            },
            cancellation
        );
        await database.SaveChangesAsync(cancellation);
        leaving.Wake();
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> EndMails(
        long site,
        long subscriber,
        AntiphonContext database,
        SubscriberLeaving leaving,
        CancellationToken cancellation
    )
    {
        if (
            await database.Subscribers.FirstOrDefaultAsync(
                row => row.Id == subscriber && row.SiteId == site,
                cancellation
            )
            is not { } found
        )
            return TypedResults.NotFound();
        await leaving.LeaveAsync(found, null, cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> ResumeMails(
        long site,
        long subscriber,
        AntiphonContext database,
        SubscriberLeaving leaving,
        CancellationToken cancellation
    )
    {
        if (
            await database.Subscribers.FirstOrDefaultAsync(
                row => row.Id == subscriber && row.SiteId == site,
                cancellation
            )
            is not { } found
        )
            return TypedResults.NotFound();
        await leaving.ReturnAsync(found, cancellation);
        return TypedResults.NoContent();
    }
}
