using Antiphon.Core.Sites;
using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Subscribers;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Hosting;
using Antiphon.Server.Sites;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Readers;

/// <summary>/api/sites/{site}/subscribers.</summary>
internal static class ReaderEndpoints
{
    private const int PageSize = 100;

    /// <summary>Maps the area.</summary>
    public static void MapReaders(this RouteGroupBuilder site)
    {
        var subscribers = site.MapGroup("/subscribers").WithTags("Readers");
        subscribers.MapGet("", ListSubscribers).WithName("listSubscribers");
        subscribers.MapPost("", AddSubscriber).Needs(SiteRole.Editor).Validate<SubscriberRequest>().WithName("addSubscriber");
        subscribers.MapSubscriberLists();
        subscribers.MapPost("/{subscriber:long}/leave", EndMails).Needs(SiteRole.Editor).WithName("endSubscription");
        subscribers.MapPost("/{subscriber:long}/return", ResumeMails).Needs(SiteRole.Editor).WithName("resumeSubscription");
    }

    private static async Task<Ok<SubscriberPage>> ListSubscribers(long site, AntiphonContext database, string? search, long? before)
    {
        var all = database.Subscribers.AsNoTracking().Where(one => one.SiteId == site);
        var active = await all.CountAsync(one => one.LeftAt == null && one.Suppressed == null);
        var left = await all.CountAsync(one => one.LeftAt != null);
        if (!string.IsNullOrWhiteSpace(search)) all = all.Where(one => EF.Functions.Like(one.Mail, $"%{search.Trim()}%") || EF.Functions.Like(one.Name!, $"%{search.Trim()}%"));
        if (before is not null) all = all.Where(one => one.Id < before);
        var rows = await all.OrderByDescending(one => one.Id).Take(PageSize + 1)
            .Select(one => new SubscriberView(
                one.Id, one.Mail, one.Name, one.CreatedAt, one.LeftAt, one.Origin, one.Reason, database.Deliveries.Count(delivery => delivery.SubscriberId == one.Id && delivery.State == DeliveryState.Delivered)))
            .ToListAsync();
        return TypedResults.Ok(new SubscriberPage(active, left, [.. rows.Take(PageSize)], rows.Count > PageSize ? rows[PageSize - 1].Id : null));
    }

    private static async Task<Results<NoContent, ValidationProblem>> AddSubscriber(long site, SubscriberRequest request, AntiphonContext database, IKeySource keys, TimeProvider clock)
    {
        var mail = request.Mail.Trim().ToLowerInvariant();
        var known = await database.Subscribers.SingleOrDefaultAsync(one => one.SiteId == site && one.Mail == mail);
        if (known is not null)
        {
            return FieldProblem.For("mail", known.LeftAt is null ? "This address gets mails already." : "This reader ended the mails; bring them back in the list only when they asked for it.");
        }

        var name = string.IsNullOrWhiteSpace(request.Name) ? null : request.Name.Trim();
        database.Subscribers.Add(new Subscriber { SiteId = site, Mail = mail, Name = name, Key = keys.NewKey(32), CreatedAt = clock.GetUtcNow(), Origin = SubscriberOrigin.Hand, Reason = Said.OrNull(request.Reason) });
        await database.SaveChangesAsync();
        return TypedResults.NoContent();
    }

    private static Task<Results<NoContent, NotFound>> EndMails(long site, long subscriber, AntiphonContext database, TimeProvider clock) =>
        SetLeftAsync(site, subscriber, clock.GetUtcNow(), database);

    private static Task<Results<NoContent, NotFound>> ResumeMails(long site, long subscriber, AntiphonContext database) => SetLeftAsync(site, subscriber, null, database);

    private static async Task<Results<NoContent, NotFound>> SetLeftAsync(long site, long subscriber, DateTimeOffset? left, AntiphonContext database)
    {
        var changed = await database.Subscribers.Where(one => one.Id == subscriber && one.SiteId == site).ExecuteUpdateAsync(set => set.SetProperty(one => one.LeftAt, left));
        return changed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }
}
