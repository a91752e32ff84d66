using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Server.Mailing.Sending;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Work;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing;

/// <summary>/api/sites/{site}/channels/editions: what was mailed and what is being mailed.</summary>
internal static class EditionEndpoints
{
    private const int PageSize = 40;
    private const int DeliveriesAtOnce = 100;
    private const int MostLinks = 100;
    private const int MostCauses = 20;

    /// <summary>Maps the area.</summary>
    public static void MapEditions(this RouteGroupBuilder site)
    {
        var editions = site.MapGroup("/channels/editions").WithTags("Channels");
        editions.MapGet("", List).Needs(SiteRight.See).WithName("listEditions");
        editions.MapGet("/{edition:long}", Get).Needs(SiteRight.See).WithName("getEdition");
        editions
            .MapGet("/{edition:long}/deliveries", Deliveries)
            .Needs(SiteRight.SeeReaders)
            .WithName("listEditionDeliveries");
        editions
            .MapGet("/{edition:long}/mail", Mail)
            .Needs(SiteRight.SeeReaders)
            .WithName("getEditionMail")
            .WithSummary("The mail of the edition, with the links of nobody.");
        editions.MapPost("/{edition:long}/pause", Pause).Needs(SiteRight.Edit).WithName("pauseEdition");
        editions.MapPost("/{edition:long}/resume", Resume).Needs(SiteRight.Edit).WithName("resumeEdition");
        editions
            .MapPost("/{edition:long}/cancel", Cancel)
            .Needs(SiteRight.Edit)
            .WithName("cancelEdition")
            .WithSummary("Takes back every mail that waits.");
        editions
            .MapPost("/{edition:long}/retry", Retry)
            .Needs(SiteRight.Edit)
            .WithName("retryEdition")
            .WithSummary("Tries again what was given up; with an answer, only what the receivers said that to.");
    }

    private static async Task<Ok<EditionPage>> List(
        long site,
        AntiphonContext database,
        long? digest,
        long? before,
        CancellationToken cancellation
    )
    {
        var all = database.Editions.Where(edition =>
            edition.SiteId == site && (digest == null || edition.DigestId == digest)
        );
        if (before is not null)
            all = all.Where(edition => edition.Id < before);
        var rows = await Viewed(all.OrderByDescending(edition => edition.Id).Take(PageSize + 1), database)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new EditionPage([.. rows.Take(PageSize)], rows.Count > PageSize ? rows[PageSize - 1].Id : null)
        );
    }

    private static IQueryable<EditionView> Viewed(IQueryable<Edition> editions, AntiphonContext database) =>
        editions.Select(edition => new EditionView(
            edition.Id,
            edition.DigestId,
            edition.Digest.Name,
            edition
                .Posts.OrderByDescending(post => post.Post.PublishedAt)
                .Select(post => post.Post.Title)
                .FirstOrDefault() + (edition.Posts.Count > 1 ? " + " + (edition.Posts.Count - 1) : string.Empty),
            edition.State,
            edition.PausedAt,
            edition.DueAt,
            edition.FinishedAt,
            edition.Total,
            edition.Delivered,
            edition.Total - edition.Delivered - edition.Failed - edition.Cancelled,
            edition.Failed,
            edition.Cancelled,
            database.EditionLinks.Where(link => link.EditionId == edition.Id).Sum(link => (int?)link.Clicks),
            edition.Settings.CountsOpens ? edition.Opens : null,
            edition.Left
        ));

    private static async Task<Results<Ok<EditionDetail>, NotFound>> Get(
        long site,
        long edition,
        AntiphonContext database,
        EditionMails mails,
        CancellationToken cancellation
    )
    {
        if (
            await Viewed(database.Editions.Where(row => row.Id == edition && row.SiteId == site), database)
                .FirstOrDefaultAsync(cancellation)
            is not { } view
        )
            return TypedResults.NotFound();
        var posts = await database
            .EditionPosts.Where(post => post.EditionId == edition)
            .OrderByDescending(post => post.Post.PublishedAt)
            .Select(post => new EditionPostView(post.PostId, post.Post.Title))
            .ToListAsync(cancellation);
        var links = await database
            .EditionLinks.Where(link => link.EditionId == edition)
            .OrderByDescending(link => link.Clicks)
            .ThenBy(link => link.Id)
            .Take(MostLinks)
            .Select(link => new LinkView(link.Address, link.Clicks, link.SecondClicks))
            .ToListAsync(cancellation);
        var causes = await database
            .Deliveries.Where(delivery =>
                delivery.EditionId == edition
                && (delivery.State == DeliveryState.Failed || delivery.State == DeliveryState.Retrying)
            )
            .GroupBy(delivery => new { delivery.State, delivery.LastAnswer })
            .Select(group => new CauseView(group.Key.State, group.Key.LastAnswer ?? string.Empty, group.Count()))
            .Take(MostCauses)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new EditionDetail(view, posts, await TrialAsync(edition, database, mails, cancellation), links, causes)
        );
    }

    private static async Task<SubjectTrialView?> TrialAsync(
        long id,
        AntiphonContext database,
        EditionMails mails,
        CancellationToken cancellation
    )
    {
        if (
            (await mails.EditionAsync(id, cancellation)).Settings.SecondSubject is null
            || await mails.ShownAsync(id, cancellation) is not { } mail
        )
            return null;
        var delivered = await database
            .Deliveries.Where(delivery => delivery.EditionId == id && delivery.State == DeliveryState.Delivered)
            .GroupBy(delivery => delivery.IsSecond)
            .Select(group => new { group.Key, Count = group.Count() })
            .ToDictionaryAsync(group => group.Key, group => group.Count, cancellation);
        var clicks = await database
            .EditionLinks.Where(link => link.EditionId == id)
            .GroupBy(_ => 1)
            .Select(group => new
            {
                All = group.Sum(link => link.Clicks),
                Second = group.Sum(link => link.SecondClicks),
            })
            .FirstOrDefaultAsync(cancellation);
        var second = clicks?.Second ?? 0;
        return new SubjectTrialView(
            mail.Subject,
            delivered.GetValueOrDefault(false),
            (clicks?.All ?? 0) - second,
            mail.SecondSubject!,
            delivered.GetValueOrDefault(true),
            second
        );
    }

    private static async Task<Ok<DeliveryPage>> Deliveries(
        long site,
        long edition,
        Spelled<DeliveryState>? state,
        long? after,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var all = database.Deliveries.Where(delivery =>
            delivery.SiteId == site && delivery.EditionId == edition && delivery.Id > (after ?? 0)
        );
        if (state is { } wanted)
            all = all.Where(delivery => delivery.State == wanted.Value);
        var rows = await all.OrderBy(delivery => delivery.Id)
            .Take(DeliveriesAtOnce + 1)
            .Viewed()
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new DeliveryPage(
                [.. rows.Take(DeliveriesAtOnce)],
                rows.Count > DeliveriesAtOnce ? rows[DeliveriesAtOnce - 1].Id : null
            )
        );
    }

    private static async Task<Results<Ok<MailShown>, NotFound>> Mail(
        long site,
        long edition,
        AntiphonContext database,
        EditionMails mails,
        CancellationToken cancellation
    )
    {
        if (!await database.Editions.AnyAsync(row => row.Id == edition && row.SiteId == site, cancellation))
            return TypedResults.NotFound();
        return await mails.ShownAsync(edition, cancellation) is { } mail
            ? TypedResults.Ok(new MailShown(mail.Subject, mail.Html, mail.Plain))
            : TypedResults.NotFound();
    }

    private static async Task<Results<NoContent, NotFound>> Pause(
        long site,
        long edition,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) => await SetPausedAsync(site, edition, clock.GetUtcNow(), database, cancellation);

    private static async Task<Results<NoContent, NotFound>> Resume(
        long site,
        long edition,
        AntiphonContext database,
        GatheringSignal gathering,
        DeliverySignal deliveries,
        CancellationToken cancellation
    )
    {
        var done = await SetPausedAsync(site, edition, null, database, cancellation);
        gathering.Wake();
        deliveries.Wake();
        return done;
    }

    private static async Task<Results<NoContent, NotFound>> SetPausedAsync(
        long site,
        long edition,
        DateTimeOffset? at,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .Editions.Where(row =>
                row.Id == edition
                && row.SiteId == site
                && (row.State == EditionState.Gathering || row.State == EditionState.Sending)
            )
            .ExecuteUpdateAsync(set => set.SetProperty(row => row.PausedAt, at), cancellation) == 0
            ? TypedResults.NotFound()
            : TypedResults.NoContent();

    private static async Task<Results<Ok<TouchedView>, NotFound>> Cancel(
        long site,
        long edition,
        AntiphonContext database,
        MailActs acts,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var changed = await database
            .Editions.Where(row =>
                row.Id == edition
                && row.SiteId == site
                && (row.State == EditionState.Gathering || row.State == EditionState.Sending)
            )
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(row => row.State, EditionState.Cancelled)
                        .SetProperty(row => row.FinishedAt, now)
                        .SetProperty(row => row.PausedAt, (DateTimeOffset?)null),
                cancellation
            );
        return changed == 0
            ? TypedResults.NotFound()
            : TypedResults.Ok(
                new TouchedView(
                    await acts.CancelAsync(
                        database.Deliveries.Where(delivery => delivery.EditionId == edition),
                        cancellation
                    )
                )
            );
    }

    private static async Task<Ok<TouchedView>> Retry(
        long site,
        long edition,
        RetryRequest request,
        AntiphonContext database,
        MailActs acts,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            new TouchedView(
                await acts.RetryAsync(
                    database.Deliveries.Where(delivery =>
                        delivery.SiteId == site
                        && delivery.EditionId == edition
                        && (request.Answer == null || delivery.LastAnswer == request.Answer)
                    ),
                    cancellation
                )
            )
        );
}
