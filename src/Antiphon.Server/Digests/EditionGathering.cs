using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Digests;
using Antiphon.Data;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Readers;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Digests;

/// <summary>
/// Writes an edition to the outbox, one mail for each receiver. It goes in portions, each with the place it came to in one transaction, so that fifty thousand receivers fill no memory and a restart goes on where it was.
/// </summary>
internal sealed class EditionGathering(IDbContextFactory<AntiphonContext> databases, IKeySource keys, TimeProvider clock)
{
    private const int AtOnce = 1000;

    /// <summary>Writes the next portion; false when there is no edition to gather.</summary>
    public async Task<bool> GatherAsync(CancellationToken cancellation)
    {
        await using var database = await databases.CreateDbContextAsync(cancellation);
        // Begun by writing, so that two processes do not gather the same portion.
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var edition = await database.Editions.Include(one => one.Digest.Site).Include(one => one.Digest.Segment).Where(one => one.State == EditionState.Gathering && one.PausedAt == null).OrderBy(one => one.Id).FirstOrDefaultAsync(cancellation);
        if (edition is null) return false;
        var now = clock.GetUtcNow();
        var posts = await PostsAsync(edition, database, now, cancellation);
        // Who subscribes after it was due gets the next one.
        var portion = await database.Subscribers.Where(one => one.Id > edition.GatheredTo && one.CreatedAt <= edition.DueAt).Of(edition.Digest, database, edition.Digest.Site.TimeZone, now)
            .OrderBy(one => one.Id).Take(AtOnce).Select(one => new { one.Id, one.Key, one.Categories }).ToListAsync(cancellation);
        foreach (var one in portion.Where(one => DigestSelection.Pick(posts, edition.Settings, one.Categories).Count > 0)) database.Deliveries.Add(MailTo(one.Id, one.Key, edition, now));
        edition.GatheredTo = portion.Count > 0 ? portion[^1].Id : edition.GatheredTo;
        if (portion.Count < AtOnce) edition.State = EditionState.Sending;
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return true;
    }

    private static async Task<List<DigestPost>> PostsAsync(Edition edition, AntiphonContext database, DateTimeOffset now, CancellationToken cancellation)
    {
        var posts = await database.EditionPosts.AsNoTracking().Where(one => one.EditionId == edition.Id && one.Post.Status == PostStatus.Published).Select(one => one.Post).ToListAsync(cancellation);
        return posts.ConvertAll(post => new DigestPost(post.Id, post.PublishedAt ?? now, post.IsFeatured, [.. post.AllCategories]));
    }

    private Delivery MailTo(long subscriber, string key, Edition edition, DateTimeOffset now) => new()
    {
        Key = keys.NewKey(24),
        SiteId = edition.SiteId,
        EditionId = edition.Id,
        SubscriberId = subscriber,
        IsSecond = edition.Settings.SecondSubject is not null && SubjectTrial.IsSecond(edition.Key, key, edition.Settings.TrialShare),
        State = DeliveryState.Queued,
        NextAttemptAt = now,
        CreatedAt = now,
    };
}
