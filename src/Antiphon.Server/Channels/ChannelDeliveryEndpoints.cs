using Antiphon.Core.Channels;
using Antiphon.Core.Sites;
using Antiphon.Core.Time;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Server.Channels.Counting;
using Antiphon.Server.Channels.Delivering;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Work;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels;

/// <summary>
/// /api/sites/{site}/channels/deliveries: the time line, and what is done with what went out and what is still to go.
/// </summary>
internal static class ChannelDeliveryEndpoints
{
    private const int MostShown = 600;

    /// <summary>Maps the area.</summary>
    public static void MapChannelDeliveries(this RouteGroupBuilder site)
    {
        var deliveries = site.MapGroup("/channels/deliveries").WithTags("Channels");
        deliveries
            .MapGet("", TimeLine)
            .Needs(SiteRight.See)
            .WithName("getTimeLine")
            .WithSummary("Deliveries between two moments, over all channels.");
        deliveries.MapGet("/{delivery:long}", Get).Needs(SiteRight.See).WithName("getChannelDelivery");
        deliveries
            .MapPut("/{delivery:long}", Change)
            .Needs(SiteRight.Edit)
            .WithName("changeChannelDelivery")
            .WithSummary("Moves, rewords, holds or releases what waits.");
        deliveries.MapPost("/{delivery:long}/cancel", Cancel).Needs(SiteRight.Edit).WithName("cancelChannelDelivery");
        deliveries
            .MapPost("/{delivery:long}/retry", Retry)
            .Needs(SiteRight.Edit)
            .WithName("retryChannelDelivery")
            .WithSummary("Tries a failed or cancelled delivery again, under the same key.");
        deliveries
            .MapPost("/{delivery:long}/count", CountNow)
            .Needs(SiteRight.Edit)
            .WithName("countAnswers")
            .WithSummary("Asks the network now what a short post brought.");
        deliveries.MapGet("/failures", Failures).Needs(SiteRight.See).WithName("listFailureCauses");
        site.MapPost("/channels/set-up/{channel:long}/retry", RetryCause)
            .WithTags("Channels")
            .Needs(SiteRight.Edit)
            .WithName("retryFailureCause");
    }

    private static async Task<Ok<TimeLineView>> TimeLine(
        long site,
        DateTimeOffset from,
        DateTimeOffset until,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var rows = await database
            .ChannelDeliveries.AsNoTracking()
            .IgnoreQueryFilters()
            .Where(delivery =>
                delivery.SiteId == site
                && delivery.PlannedFor >= from
                && delivery.PlannedFor < until
                && delivery.Channel.ArchivedAt == null
            )
            .OrderByDescending(delivery => delivery.PlannedFor)
            .ThenByDescending(delivery => delivery.Id)
            .Take(MostShown + 1)
            .Select(delivery => new
            {
                delivery.Id,
                delivery.ChannelId,
                delivery.PostId,
                Title = delivery.Post!.Title,
                delivery.Act,
                delivery.State,
                delivery.Held,
                delivery.PlannedFor,
                delivery.NextAttemptAt,
                delivery.DeliveredAt,
                delivery.Target,
                delivery.Answer,
                delivery.Sent,
                delivery.Counts,
            })
            .ToListAsync(cancellation);
        var items = rows.Take(MostShown)
            .Select(row => new TimeLineItem(
                row.Id,
                row.ChannelId,
                row.PostId,
                row.Title ?? EventOf(row.Sent),
                row.Act,
                row.State,
                row.Held,
                row.DeliveredAt ?? (row.State == DeliveryState.Queued ? row.NextAttemptAt : row.PlannedFor),
                row.Target,
                row.Answer,
                row.Counts
            ));
        return TypedResults.Ok(new TimeLineView([.. items], rows.Count > MostShown));
    }

    private static string EventOf(string? payload) =>
        payload is null
            ? string.Empty
            : System.Text.Json.Nodes.JsonNode.Parse(payload)?["event"]?.ToString() ?? string.Empty;

    private static async Task<Results<Ok<ChannelDeliveryView>, NotFound>> Get(
        long site,
        long delivery,
        AntiphonContext database,
        PostFactsReader facts,
        IEnumerable<IChannelSender> senders,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var row = await Whole(database)
            .FirstOrDefaultAsync(
                channelDelivery => channelDelivery.Id == delivery && channelDelivery.SiteId == site,
                cancellation
            );
        if (row is null)
            return TypedResults.NotFound();
        var isSent = row.Attempts > 0 && row.Sent is not null;
        var text =
            isSent || row.Post is null
                ? row.Sent ?? string.Empty
                : await ToBeSentAsync(row, database, facts, senders, cancellation);
        var counts = row.Channel.Kind == ChannelKind.Social && row.Act == DeliveryAct.Publish;
        return TypedResults.Ok(
            new ChannelDeliveryView(
                row.Id,
                row.ChannelId,
                row.Channel.Kind,
                row.Channel.Name,
                row.PostId,
                row.Post?.Title ?? EventOf(row.Sent),
                row.Act,
                row.State,
                row.Held,
                row.PlannedFor,
                row.State is DeliveryState.Queued or DeliveryState.Retrying ? row.NextAttemptAt : null,
                row.DeliveredAt,
                row.Attempts,
                row.Target,
                row.Answer,
                row.ReceivedAddress,
                text,
                isSent,
                counts ? row.Channel.Settings.Count.Of(text) : null,
                counts ? row.Channel.Settings.Count.Limit : null,
                AttemptsOf(row),
                row.Turn,
                row.Channel.Settings.Variants.Count + 1,
                row.Counts,
                row.CountedAt,
                row.State == DeliveryState.Queued
                    ? await ChannelPacing.FullUntilAsync(database, row.Channel, clock.GetUtcNow(), cancellation)
                    : null
            )
        );
    }

    private static IReadOnlyList<ChannelAttemptView> AttemptsOf(ChannelDelivery delivery) =>
        [
            .. delivery
                .Tried.OrderByDescending(attempt => attempt.Id)
                .Select(attempt => new ChannelAttemptView(
                    attempt.At,
                    attempt.Milliseconds,
                    attempt.Outcome,
                    attempt.Answer
                )),
        ];

    private static IQueryable<ChannelDelivery> Whole(AntiphonContext database) =>
        PublishedDeliveries.Whole(database).AsNoTracking().AsSplitQuery().Include(delivery => delivery.Tried);

    private static async Task<string> ToBeSentAsync(
        ChannelDelivery row,
        AntiphonContext database,
        PostFactsReader facts,
        IEnumerable<IChannelSender> senders,
        CancellationToken cancellation
    )
    {
        var before =
            row.Act == DeliveryAct.Publish ? null : await PublishedDeliveries.LatestAsync(database, row, cancellation);
        if (row.Act != DeliveryAct.Publish && before is null)
            return string.Empty;
        return senders
            .Single(sender => sender.Kind == row.Channel.Kind)
            .Preview(new SendOrder(row, row.Post, facts.Of(row.Post!, row.Channel.Settings, row.Channel.Kind), before));
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Change(
        long site,
        long delivery,
        DeliveryChange change,
        AntiphonContext database,
        ChannelSignal signal,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        // Read and written while nobody else writes, so that a worker takes it up either before, and it is refused
        // here, or after, and brings the change.
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var row = await database
            .ChannelDeliveries.Include(channelDelivery => channelDelivery.Channel.Site)
            .FirstOrDefaultAsync(
                channelDelivery => channelDelivery.Id == delivery && channelDelivery.SiteId == site,
                cancellation
            );
        if (row is null)
            return TypedResults.NotFound();
        if (row.State == DeliveryState.Sending)
            return FieldProblem.For("state", "It is being sent at this moment; look again in a minute.");
        if (row.State is not (DeliveryState.Queued or DeliveryState.Retrying))
            return FieldProblem.For("state", "Only queued deliveries can be changed.");
        if (change.ApplyTo(row, clock.GetUtcNow()) is { } problem)
            return FieldProblem.For(problem.Field, problem.Remedy);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        signal.Wake();
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> Cancel(
        long site,
        long delivery,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var changed = await database
            .ChannelDeliveries.Where(channelDelivery =>
                channelDelivery.Id == delivery
                && channelDelivery.SiteId == site
                && (channelDelivery.State == DeliveryState.Queued || channelDelivery.State == DeliveryState.Retrying)
            )
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(channelDelivery => channelDelivery.State, DeliveryState.Cancelled)
                        .SetProperty(channelDelivery => channelDelivery.Answer, "Cancelled by the team."),
                cancellation
            );
        return changed == 0 ? TypedResults.NotFound() : TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> Retry(
        long site,
        long delivery,
        AntiphonContext database,
        ChannelSignal signal,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var changed = await AgainAsync(
            database.ChannelDeliveries.Where(channelDelivery =>
                channelDelivery.Id == delivery
                && channelDelivery.SiteId == site
                && (
                    channelDelivery.State == DeliveryState.Failed
                    || channelDelivery.State == DeliveryState.Cancelled
                    || channelDelivery.State == DeliveryState.Retrying
                )
            ),
            clock,
            cancellation
        );
        signal.Wake();
        return changed == 0 ? TypedResults.NotFound() : TypedResults.NoContent();
    }

    private static async Task<Ok<List<FailureCause>>> Failures(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await database
                .ChannelDeliveries.Where(delivery =>
                    delivery.SiteId == site
                    && delivery.State == DeliveryState.Failed
                    && delivery.Channel.ArchivedAt == null
                )
                .GroupBy(delivery => new { delivery.ChannelId, delivery.Answer })
                .Select(group => new FailureCause(
                    group.Key.ChannelId,
                    group.Key.Answer ?? string.Empty,
                    group.Count(),
                    group.Max(delivery => delivery.PlannedFor)
                ))
                .ToListAsync(cancellation)
        );

    private static async Task<Ok<TouchedView>> RetryCause(
        long site,
        long channel,
        RetryRequest request,
        AntiphonContext database,
        ChannelSignal signal,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var changed = await AgainAsync(
            database.ChannelDeliveries.Where(delivery =>
                delivery.SiteId == site
                && delivery.ChannelId == channel
                && delivery.State == DeliveryState.Failed
                && (request.Answer == null || delivery.Answer == request.Answer)
            ),
            clock,
            cancellation
        );
        signal.Wake();
        return TypedResults.Ok(new TouchedView(changed));
    }

    // Attempts go on counting, so that the sender knows that the receiver may have it already.
    private static Task<int> AgainAsync(
        IQueryable<ChannelDelivery> rows,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        return rows.ExecuteUpdateAsync(
            set =>
                set.SetProperty(delivery => delivery.State, DeliveryState.Queued)
                    .SetProperty(delivery => delivery.NextAttemptAt, now)
                    .SetProperty(
                        delivery => delivery.Attempts,
                        delivery => delivery.Attempts > 1 ? 1 : delivery.Attempts
                    )
                    .SetProperty(delivery => delivery.HeldUntil, (DateTimeOffset?)null)
                    .SetProperty(delivery => delivery.Unfinished, 0),
            cancellation
        );
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> CountNow(
        long site,
        long delivery,
        AnswerCounts counts,
        CancellationToken cancellation
    ) =>
        await counts.CountNowAsync(site, delivery, cancellation) switch
        {
            null => TypedResults.NotFound(),
            "" => TypedResults.NoContent(),
            var problem => FieldProblem.For("counts", problem),
        };
}
