using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Antiphon.Server.Subscribers;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>
/// Writes an edition to the outbox, one mail for each receiver. It goes in portions, each with the place it came to in
/// one transaction, so that fifty thousand receivers fill no memory and a restart goes on where it was.
/// </summary>
internal sealed class EditionGathering(AntiphonContext database, IKeySource keys, TimeProvider clock)
{
    private const int AtOnce = 1000;

    /// <summary>Writes the next portion of an edition, in the caller's transaction; the caller saves.</summary>
    public async Task GatherAsync(long id, CancellationToken cancellation)
    {
        var edition = await database
            .Editions.Include(row => row.Digest.Site)
            .Include(row => row.Digest.Segment)
            .SingleAsync(row => row.Id == id, cancellation);
        if (edition.State != EditionState.Gathering || edition.PausedAt is not null)
            return;
        var now = clock.GetUtcNow();
        var posts = await PostsAsync(edition, now, cancellation);
        // Who subscribes after it was due gets the next one.
        var portion = await database
            .Subscribers.Where(subscriber =>
                subscriber.Id > edition.GatheredTo && subscriber.CreatedAt <= edition.DueAt
            )
            .Of(edition.Digest, database, edition.Digest.Site.TimeZone, now)
            .OrderBy(subscriber => subscriber.Id)
            .Take(AtOnce)
            .Select(subscriber => new
            {
                subscriber.Id,
                subscriber.Key,
                subscriber.Categories,
            })
            .ToListAsync(cancellation);
        foreach (
            var one in portion.Where(row => DigestSelection.Pick(posts, edition.Settings, row.Categories).Count > 0)
        )
            database.Deliveries.Add(MailTo(one.Id, one.Key, edition, now));
        edition.GatheredTo = portion.Count > 0 ? portion[^1].Id : edition.GatheredTo;
        if (portion.Count < AtOnce)
            edition.State = EditionState.Sending;
    }

    private async Task<List<DigestPost>> PostsAsync(Edition edition, DateTimeOffset now, CancellationToken cancellation)
    {
        var posts = await database
            .EditionPosts.AsNoTracking()
            .Where(post => post.EditionId == edition.Id)
            .Select(post => post.Post)
            .PublicAt(now)
            .ToListAsync(cancellation);
        return posts.ConvertAll(post => new DigestPost(
            post.Id,
            post.PublishedAt ?? now,
            post.IsFeatured,
            [.. post.AllCategories]
        ));
    }

    private Delivery MailTo(long subscriber, string key, Edition edition, DateTimeOffset now) =>
        new()
        {
            Key = keys.NewKey(24),
            SiteId = edition.SiteId,
            EditionId = edition.Id,
            SubscriberId = subscriber,
            IsSecond =
                edition.Settings.SecondSubject is not null
                && SubjectTrial.IsSecond(edition.Key, key, edition.Settings.TrialShare),
            State = DeliveryState.Queued,
            NextAttemptAt = now,
            CreatedAt = now,
        };
}
