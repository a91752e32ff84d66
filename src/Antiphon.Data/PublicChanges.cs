using Antiphon.Core.Channels;
using Antiphon.Core.Posts;
using Antiphon.Data.Posts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace Antiphon.Data;

/// <summary>What a save of a post means for those outside who have it.</summary>
public static class PublicChanges
{
    private static readonly string[] Seen =
    [
        nameof(Post.Title),
        nameof(Post.BodyHtml),
        nameof(Post.Excerpt),
        nameof(Post.Slug),
        nameof(Post.PictureAddress),
        nameof(Post.PictureAlt),
        nameof(Post.Author),
        nameof(Post.Category),
        nameof(Post.MoreCategories),
        nameof(Post.Tags),
    ];

    /// <summary>The note of it, or null where it means nothing.</summary>
    public static PostChange? Of(EntityEntry<Post> entry) =>
        ActOf(entry) is { } act
            ? new PostChange
            {
                Post = entry.Entity,
                Act = act,
                DueAt =
                    act == DeliveryAct.Withdraw
                        ? DateTimeOffset.UnixEpoch
                        : entry.Entity.PublishedAt ?? DateTimeOffset.UnixEpoch,
            }
            : null;

    /// <summary>
    /// Notes that posts are withdrawn, for what changes many at once without loading them; in the caller's transaction
    /// and before they change.
    /// </summary>
    public static async Task NoteWithdrawnAsync(
        AntiphonContext database,
        IQueryable<Post> posts,
        CancellationToken cancellation
    )
    {
        var withdrawn = await posts
            .Where(post => post.Status == PostStatus.Published && post.DeletedAt == null)
            .Select(post => post.Id)
            .ToListAsync(cancellation);
        database.PostChanges.AddRange(
            withdrawn.Select(post => new PostChange
            {
                PostId = post,
                Act = DeliveryAct.Withdraw,
                DueAt = DateTimeOffset.UnixEpoch,
            })
        );
    }

    private static DeliveryAct? ActOf(EntityEntry<Post> entry)
    {
        var isPublic = entry.Entity.Status == PostStatus.Published && entry.Entity.DeletedAt is null;
        if (entry.State == EntityState.Added)
            return isPublic ? DeliveryAct.Publish : null;
        var wasPublic =
            entry.Property(post => post.Status).OriginalValue == PostStatus.Published
            && entry.Property(post => post.DeletedAt).OriginalValue is null;
        if (isPublic != wasPublic)
            return isPublic ? DeliveryAct.Publish : DeliveryAct.Withdraw;
        return isPublic && Seen.Any(name => entry.Property(name).IsModified) ? DeliveryAct.Update : null;
    }
}
