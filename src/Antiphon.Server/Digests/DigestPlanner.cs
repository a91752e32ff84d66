using System.Globalization;
using Antiphon.Core.Sites;
using Antiphon.Core.Syndication.Digests;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Channels.Planning;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Digests;

/// <summary>Makes editions: with a post that was published, at the time of a digest, or when somebody asks for one. An edition is made once for its occasion, however often it is tried.</summary>
internal sealed class DigestPlanner(AntiphonContext database, IKeySource keys, TimeProvider clock)
{
    /// <summary>Adds the editions a published post makes, in the caller's transaction; the caller has saved the post.</summary>
    public async Task PlanForAsync(Post post, CancellationToken cancellation)
    {
        if (post.Details.StaysOutOfMail) return;
        // Not everybody who publishes needs the blog.
        await database.Entry(post).Reference(one => one.Blog).Query().Include(blog => blog.Following).LoadAsync(cancellation);
        var digests = await database.Digests.Where(one => one.SiteId == post.SiteId && one.ArchivedAt == null && one.PausedAt == null).ToListAsync(cancellation);
        foreach (var digest in digests.Where(one => one.Settings.Rhythm.Every == DigestEvery.Post && one.Settings.Choice.Refusal(ChannelTargets.Of(post)) is null))
        {
            var occasion = string.Create(CultureInfo.InvariantCulture, $"post {post.Id}");
            if (!await database.Editions.AnyAsync(one => one.DigestId == digest.Id && one.Occasion == occasion, cancellation)) Add(digest, occasion, [post.Id], clock.GetUtcNow());
        }
    }

    /// <summary>Makes the edition of a digest whose time has come, and says when the next is; nothing when another process did. Too few new posts make none.</summary>
    public async Task PlanDueAsync(Digest digest, CancellationToken cancellation)
    {
        var (due, next) = (digest.NextAt!.Value, NextOf(digest, clock.GetUtcNow()));
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var isOurs = await database.Digests.Where(one => one.Id == digest.Id && one.NextAt == due && one.PausedAt == null).ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAt, next), cancellation) == 1;
        var posts = isOurs ? await NewPosts.OfAsync(digest, database, clock.GetUtcNow(), cancellation) : [];
        if (DigestSelection.IsEnough(posts.Count, digest.Settings)) Add(digest, due.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture), [.. posts.Select(post => post.Id)], due);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }

    /// <summary>Makes an edition of what is new now; null when nothing is.</summary>
    public async Task<Edition?> PlanNowAsync(Digest digest, CancellationToken cancellation)
    {
        var posts = await NewPosts.OfAsync(digest, database, clock.GetUtcNow(), cancellation);
        if (posts.Count == 0) return null;
        var now = clock.GetUtcNow();
        var edition = Add(digest, now.ToString("O", CultureInfo.InvariantCulture), [.. posts.Select(post => post.Id)], now);
        await database.SaveChangesAsync(cancellation);
        return edition;
    }

    /// <summary>When a digest goes out after a moment; null while it is paused and for what goes with each post. Its site is loaded.</summary>
    public static DateTimeOffset? NextOf(Digest digest, DateTimeOffset after) => digest.PausedAt is null && digest.ArchivedAt is null
        ? digest.Settings.Rhythm.Next(after, TimeZoneInfo.FindSystemTimeZoneById(digest.Site.TimeZone))
        : null;

    private Edition Add(Digest digest, string occasion, IEnumerable<long> posts, DateTimeOffset due) => database.Editions.Add(new Edition
    {
        SiteId = digest.SiteId,
        DigestId = digest.Id,
        Key = keys.NewKey(24),
        Occasion = occasion,
        DueAt = due,
        Settings = digest.Settings,
        Posts = [.. posts.Select(post => new EditionPost { PostId = post })],
    }).Entity;
}
