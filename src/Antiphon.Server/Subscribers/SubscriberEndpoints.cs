using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Subscribers.Preferences;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers;

/// <summary>/api/sites/{site}/subscribers/{subscriber}: everything about one of them.</summary>
internal static class SubscriberEndpoints
{
    private const int MostReceived = 50;

    /// <summary>Maps the area.</summary>
    public static void MapSubscriber(this RouteGroupBuilder subscribers)
    {
        subscribers.MapGet("/{subscriber:long}", Get).Needs(SiteRight.SeeReaders).WithName("getSubscriber");
        subscribers
            .MapDelete("/{subscriber:long}", Erase)
            .Needs(SiteRight.Edit)
            .WithName("eraseSubscriber")
            .WithSummary(
                "Deletes everything about a subscriber, as they can themselves; no list brings the address back."
            );
    }

    private static async Task<Results<Ok<SubscriberDetail>, NotFound>> Get(
        long site,
        long subscriber,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Subscribers.AsNoTracking()
            .Include(row => row.Site)
            .Include(row => row.Form)
            .FirstOrDefaultAsync(row => row.Id == subscriber && row.SiteId == site, cancellation);
        if (found is null)
            return TypedResults.NotFound();
        var now = clock.GetUtcNow();
        var received = await database
            .Deliveries.Where(delivery => delivery.SubscriberId == subscriber)
            .OrderByDescending(delivery => delivery.Id)
            .Take(MostReceived)
            .Select(delivery => new ReceivedView(
                delivery.EditionId,
                delivery.Edition.Digest.Name,
                delivery
                    .Edition.Posts.OrderByDescending(post => post.Post.PublishedAt)
                    .Select(post => post.Post.Title)
                    .FirstOrDefault()
                    ?? string.Empty,
                delivery.State,
                delivery.DeliveredAt ?? delivery.CreatedAt,
                delivery.LastAnswer
            ))
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new SubscriberDetail(
                found.Id,
                found.Mail,
                found.Name,
                found.Form?.Name,
                found.Consent,
                found.ConsentVersion,
                found.SeenAt,
                found.LastReturn,
                found.SoftBounces,
                found.Categories,
                await DigestsAsync(found, database, now, cancellation),
                await SegmentsAsync(found, database, now, cancellation),
                received
            )
        );
    }

    private static async Task<List<string>> SegmentsAsync(
        Subscriber subscriber,
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var segments = await database
            .Segments.AsNoTracking()
            .Where(segment => segment.SiteId == subscriber.SiteId)
            .OrderBy(segment => segment.Name)
            .ToListAsync(cancellation);
        var (self, names) = (database.Subscribers.Where(row => row.Id == subscriber.Id), new List<string>());
        foreach (var segment in segments)
            if (await self.In(segment.Rule, database, subscriber.Site.TimeZone, now).AnyAsync(cancellation))
                names.Add(segment.Name);
        return names;
    }

    private static async Task<List<string>> DigestsAsync(
        Subscriber subscriber,
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var digests = await database
            .Digests.AsNoTracking()
            .Include(digest => digest.Segment)
            .Where(digest => digest.SiteId == subscriber.SiteId && digest.ArchivedAt == null)
            .OrderBy(digest => digest.Id)
            .ToListAsync(cancellation);
        var (self, names) = (database.Subscribers.Where(row => row.Id == subscriber.Id), new List<string>());
        foreach (var digest in digests)
            if (await self.Of(digest, database, subscriber.Site.TimeZone, now).AnyAsync(cancellation))
                names.Add(digest.Name);
        return names;
    }

    private static async Task<Results<NoContent, NotFound>> Erase(
        long site,
        long subscriber,
        AntiphonContext database,
        SubscriberLeaving leaving,
        CancellationToken cancellation
    )
    {
        if (
            await database
                .Subscribers.Include(row => row.Site)
                .FirstOrDefaultAsync(row => row.Id == subscriber && row.SiteId == site, cancellation)
            is not { } found
        )
            return TypedResults.NotFound();
        await leaving.EraseAsync(found, cancellation);
        return TypedResults.NoContent();
    }
}

/// <summary>A subscriber with everything known of them.</summary>
/// <param name="Form">The form they came by, or null.</param>
/// <param name="Consent">What they agreed to, in the words they saw.</param>
/// <param name="SeenAt">When they last confirmed or chose something.</param>
/// <param name="LastReturn">What was said when a mail came back.</param>
/// <param name="Categories">Categories they chose; empty for all.</param>
/// <param name="Digests">Digests they get.</param>
/// <param name="Segments">Segments they belong to.</param>
/// <param name="Received">The latest mails to them.</param>
internal sealed record SubscriberDetail(
    long Id,
    string Mail,
    string? Name,
    string? Form,
    string? Consent,
    int? ConsentVersion,
    DateTimeOffset? SeenAt,
    string? LastReturn,
    int SoftBounces,
    IReadOnlyList<string> Categories,
    IReadOnlyList<string> Digests,
    IReadOnlyList<string> Segments,
    IReadOnlyList<ReceivedView> Received
);

/// <summary>A mail to a subscriber.</summary>
internal sealed record ReceivedView(
    long EditionId,
    string Digest,
    string Title,
    DeliveryState State,
    DateTimeOffset At,
    string? Answer
);
