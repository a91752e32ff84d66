using Antiphon.Core.Posts;

namespace Antiphon.Data.Posts;

/// <summary>The posts readers can see, as <see cref="PublicMoment"/> says.</summary>
public static class PublicPosts
{
    /// <summary>Those public at a moment.</summary>
    public static IQueryable<Post> PublicAt(this IQueryable<Post> posts, DateTimeOffset now) =>
        posts.Where(post => post.Status == PostStatus.Published && post.DeletedAt == null && post.PublishedAt <= now);

    /// <summary>Whether a post is public at a moment.</summary>
    public static bool IsPublicAt(this Post post, DateTimeOffset now) =>
        PublicMoment.IsPublic(post.Status, post.PublishedAt, post.DeletedAt is not null, now);
}
