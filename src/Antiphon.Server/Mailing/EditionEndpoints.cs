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
        editions.MapGet("/{edition:long}/deliveries", Deliveries).Needs(SiteRight.SeeReaders).WithName("listEditionDeliveries");
        editions.MapGet("/{edition:long}/mail", Mail).Needs(SiteRight.SeeReaders).WithName("getEditionMail").WithSummary("The mail of the edition, with the links of nobody.");
        editions.MapPost("/{edition:long}/pause", Pause).Needs(SiteRight.Edit).WithName("pauseEdition");
        editions.MapPost("/{edition:long}/resume", Resume).Needs(SiteRight.Edit).WithName("resumeEdition");
        editions.MapPost("/{edition:long}/cancel", Cancel).Needs(SiteRight.Edit).WithName("cancelEdition").WithSummary("Takes back every mail that waits.");
        editions.MapPost("/{edition:long}/retry", Retry).Needs(SiteRight.Edit).WithName("retryEdition").WithSummary("Tries again what was given up; with an answer, only what the receivers said that to.");
    }

    private static async Task<Ok<EditionPage>> List(long site, AntiphonContext database, long? digest, long? before, CancellationToken cancellation)
    {
        var all = database.Editions.Where(one => one.SiteId == site && (digest == null || one.DigestId == digest));
        if (before is not null) all = all.Where(one => one.Id < before);
        var rows = await Viewed(all.OrderByDescending(one => one.Id).Take(PageSize + 1), database).ToListAsync(cancellation);
        return TypedResults.Ok(new EditionPage([.. rows.Take(PageSize)], rows.Count > PageSize ? rows[PageSize - 1].Id : null));
    }

    private static IQueryable<EditionView> Viewed(IQueryable<Edition> editions, AntiphonContext database) => editions.Select(one => new EditionView(
        one.Id, one.DigestId, one.Digest.Name,
        one.Posts.OrderByDescending(post => post.Post.PublishedAt).Select(post => post.Post.Title).FirstOrDefault() + (one.Posts.Count > 1 ? " + " + (one.Posts.Count - 1) : string.Empty),
        one.State, one.PausedAt, one.DueAt, one.FinishedAt, one.Total, one.Delivered, one.Total - one.Delivered - one.Failed - one.Cancelled, one.Failed, one.Cancelled,
        database.EditionLinks.Where(link => link.EditionId == one.Id).Sum(link => (int?)link.Clicks), one.Settings.CountsOpens ? one.Opens : null, one.Left));

    private static async Task<Results<Ok<EditionDetail>, NotFound>> Get(long site, long edition, AntiphonContext database, EditionMails mails, CancellationToken cancellation)
    {
        if (await Viewed(database.Editions.Where(one => one.Id == edition && one.SiteId == site), database).FirstOrDefaultAsync(cancellation) is not { } view) return TypedResults.NotFound();
        var posts = await database.EditionPosts.Where(one => one.EditionId == edition).OrderByDescending(one => one.Post.PublishedAt).Select(one => new EditionPostView(one.PostId, one.Post.Title)).ToListAsync(cancellation);
        var links = await database.EditionLinks.Where(one => one.EditionId == edition).OrderByDescending(one => one.Clicks).ThenBy(one => one.Id).Take(MostLinks).Select(one => new LinkView(one.Address, one.Clicks, one.SecondClicks)).ToListAsync(cancellation);
        var causes = await database.Deliveries.Where(one => one.EditionId == edition && (one.State == DeliveryState.Failed || one.State == DeliveryState.Retrying)).GroupBy(one => new { one.State, one.LastAnswer })
            .Select(group => new CauseView(group.Key.State, group.Key.LastAnswer ?? string.Empty, group.Count())).Take(MostCauses).ToListAsync(cancellation);
        return TypedResults.Ok(new EditionDetail(view, posts, await TrialAsync(edition, database, mails, cancellation), links, causes));
    }

    private static async Task<SubjectTrialView?> TrialAsync(long id, AntiphonContext database, EditionMails mails, CancellationToken cancellation)
    {
        if ((await mails.EditionAsync(id, cancellation)).Settings.SecondSubject is null || await mails.ShownAsync(id, cancellation) is not { } mail) return null;
        var delivered = await database.Deliveries.Where(one => one.EditionId == id && one.State == DeliveryState.Delivered).GroupBy(one => one.IsSecond).Select(group => new { group.Key, Count = group.Count() }).ToDictionaryAsync(group => group.Key, group => group.Count, cancellation);
        var clicks = await database.EditionLinks.Where(one => one.EditionId == id).GroupBy(_ => 1).Select(group => new { All = group.Sum(one => one.Clicks), Second = group.Sum(one => one.SecondClicks) }).FirstOrDefaultAsync(cancellation);
        var second = clicks?.Second ?? 0;
        return new SubjectTrialView(mail.Subject, delivered.GetValueOrDefault(false), (clicks?.All ?? 0) - second, mail.SecondSubject!, delivered.GetValueOrDefault(true), second);
    }

    private static async Task<Ok<DeliveryPage>> Deliveries(long site, long edition, Spelled<DeliveryState>? state, long? after, AntiphonContext database, CancellationToken cancellation)
    {
        var all = database.Deliveries.Where(one => one.SiteId == site && one.EditionId == edition && one.Id > (after ?? 0));
        if (state is { } wanted) all = all.Where(one => one.State == wanted.Value);
        var rows = await all.OrderBy(one => one.Id).Take(DeliveriesAtOnce + 1).Viewed().ToListAsync(cancellation);
        return TypedResults.Ok(new DeliveryPage([.. rows.Take(DeliveriesAtOnce)], rows.Count > DeliveriesAtOnce ? rows[DeliveriesAtOnce - 1].Id : null));
    }

    private static async Task<Results<Ok<MailShown>, NotFound>> Mail(long site, long edition, AntiphonContext database, EditionMails mails, CancellationToken cancellation)
    {
        if (!await database.Editions.AnyAsync(one => one.Id == edition && one.SiteId == site, cancellation)) return TypedResults.NotFound();
        return await mails.ShownAsync(edition, cancellation) is { } mail ? TypedResults.Ok(new MailShown(mail.Subject, mail.Html, mail.Plain)) : TypedResults.NotFound();
    }

    private static async Task<Results<NoContent, NotFound>> Pause(long site, long edition, AntiphonContext database, TimeProvider clock, CancellationToken cancellation) => await SetPausedAsync(site, edition, clock.GetUtcNow(), database, cancellation);

    private static async Task<Results<NoContent, NotFound>> Resume(long site, long edition, AntiphonContext database, GatheringSignal gathering, DeliverySignal deliveries, CancellationToken cancellation)
    {
        var done = await SetPausedAsync(site, edition, null, database, cancellation);
        gathering.Wake();
        deliveries.Wake();
        return done;
    }

    private static async Task<Results<NoContent, NotFound>> SetPausedAsync(long site, long edition, DateTimeOffset? at, AntiphonContext database, CancellationToken cancellation) =>
        await database.Editions.Where(one => one.Id == edition && one.SiteId == site && (one.State == EditionState.Gathering || one.State == EditionState.Sending)).ExecuteUpdateAsync(set => set.SetProperty(one => one.PausedAt, at), cancellation) == 0
            ? TypedResults.NotFound() : TypedResults.NoContent();

    private static async Task<Results<Ok<TouchedView>, NotFound>> Cancel(long site, long edition, AntiphonContext database, MailActs acts, TimeProvider clock, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var changed = await database.Editions.Where(one => one.Id == edition && one.SiteId == site && (one.State == EditionState.Gathering || one.State == EditionState.Sending))
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.State, EditionState.Cancelled).SetProperty(one => one.FinishedAt, now).SetProperty(one => one.PausedAt, (DateTimeOffset?)null), cancellation);
        return changed == 0 ? TypedResults.NotFound() : TypedResults.Ok(new TouchedView(await acts.CancelAsync(database.Deliveries.Where(one => one.EditionId == edition), cancellation)));
    }

    private static async Task<Ok<TouchedView>> Retry(long site, long edition, RetryRequest request, AntiphonContext database, MailActs acts, CancellationToken cancellation) => TypedResults.Ok(new TouchedView(
        await acts.RetryAsync(database.Deliveries.Where(one => one.SiteId == site && one.EditionId == edition && (request.Answer == null || one.LastAnswer == request.Answer)), cancellation)));
}
