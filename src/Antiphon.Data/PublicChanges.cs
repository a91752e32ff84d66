using Antiphon.Core.Posts;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace Antiphon.Data;

/// <summary>What a save of a post means for those outside who have it.</summary>
internal static class PublicChanges
{
    private static readonly string[] Seen =
    [
        nameof(Post.Title), nameof(Post.BodyHtml), nameof(Post.Excerpt), nameof(Post.Slug), nameof(Post.PictureAddress), nameof(Post.PictureAlt), nameof(Post.Author), nameof(Post.Category), nameof(Post.MoreCategories), nameof(Post.Tags),
    ];

    /// <summary>What it means, or null for nothing.</summary>
    public static DeliveryAct? Of(EntityEntry<Post> entry)
    {
        var isPublic = entry.Entity.Status == PostStatus.Published && entry.Entity.DeletedAt is null;
        if (entry.State == EntityState.Added) return isPublic ? DeliveryAct.Publish : null;
        var wasPublic = entry.Property(post => post.Status).OriginalValue == PostStatus.Published && entry.Property(post => post.DeletedAt).OriginalValue is null;
        if (isPublic != wasPublic) return isPublic ? DeliveryAct.Publish : DeliveryAct.Withdraw;
        return isPublic && Seen.Any(name => entry.Property(name).IsModified) ? DeliveryAct.Update : null;
    }
}
