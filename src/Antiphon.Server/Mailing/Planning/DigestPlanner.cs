using System.Globalization;
using Antiphon.Core.Channels;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Antiphon.Server.Mailing.Sending;
using Antiphon.Server.Posts.Changes;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>
/// Makes editions: with a post that was published, at the time of a digest, or when somebody asks for one. An edition
/// is made once for its occasion, however often it is tried.
/// </summary>
internal sealed class DigestPlanner(
    AntiphonContext database,
    GatheringSignal gathering,
    IKeySource keys,
    TimeProvider clock
) : IChangePlanner
{
    /// <summary>
    /// Adds the editions a post makes that became public. What was mailed before is not mailed again.
    /// </summary>
    public async Task PlanAsync(DeliveryAct act, Post post, bool isNews, CancellationToken cancellation)
    {
        if (act != DeliveryAct.Publish || !isNews || post.Details.StaysOutOfMail)
            return;
        var digests = await database
            .Digests.Where(row => row.SiteId == post.SiteId && row.ArchivedAt == null && row.PausedAt == null)
            .ToListAsync(cancellation);
        foreach (
            var digest in digests.Where(row =>
                row.Settings.Rhythm.Every == DigestEvery.Post && DigestPosts.Brings(row.Settings, post)
            )
        )
        {
            var occasion = string.Create(CultureInfo.InvariantCulture, $"post {post.Id}");
            if (
                !await database.Editions.AnyAsync(
                    edition => edition.DigestId == digest.Id && edition.Occasion == occasion,
                    cancellation
                )
            )
                Add(digest, occasion, [post.Id], clock.GetUtcNow());
        }

        gathering.Wake();
    }

    /// <summary>
    /// Makes the edition of a digest whose time has come, and says when the next is, in the caller's transaction; the
    /// caller saves. Too few new posts make none.
    /// </summary>
    public async Task PlanDueAsync(long id, CancellationToken cancellation)
    {
        var (digest, now) = (
            await database.Digests.Include(row => row.Site).SingleAsync(row => row.Id == id, cancellation),
            clock.GetUtcNow()
        );
        if (digest.NextAt is not { } due || due > now || digest.PausedAt is not null)
            return;
        digest.NextAt = NextOf(digest, now);
        var posts = await NewPosts.OfAsync(digest, database, now, cancellation);
        if (DigestSelection.IsEnough(posts.Count, digest.Settings))
            Add(
                digest,
                due.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture),
                [.. posts.Select(post => post.Id)],
                due
            );
    }

    /// <summary>Makes an edition of what is new now; null when nothing is.</summary>
    public async Task<Edition?> PlanNowAsync(Digest digest, CancellationToken cancellation)
    {
        var posts = await NewPosts.OfAsync(digest, database, clock.GetUtcNow(), cancellation);
        if (posts.Count == 0)
            return null;
        var now = clock.GetUtcNow();
        var edition = Add(
            digest,
            now.ToString("O", CultureInfo.InvariantCulture),
            [.. posts.Select(post => post.Id)],
            now
        );
        await database.SaveChangesAsync(cancellation);
        return edition;
    }

    /// <summary>
    /// When a digest goes out after a moment; null while it is paused and for what goes with each post. Its site is
    /// loaded.
    /// </summary>
    public static DateTimeOffset? NextOf(Digest digest, DateTimeOffset after) =>
        digest.PausedAt is null && digest.ArchivedAt is null
            ? digest.Settings.Rhythm.Next(after, TimeZoneInfo.FindSystemTimeZoneById(digest.Site.TimeZone))
            : null;

    private Edition Add(Digest digest, string occasion, IEnumerable<long> posts, DateTimeOffset due) =>
        database
            .Editions.Add(
                new Edition
                {
                    SiteId = digest.SiteId,
                    DigestId = digest.Id,
                    Key = keys.NewKey(24),
                    Occasion = occasion,
                    DueAt = due,
                    Settings = digest.Settings,
                    Posts = [.. posts.Select(post => new EditionPost { PostId = post })],
                }
            )
            .Entity;
}
