using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Blogs;
using Antiphon.Data.Comments;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;

namespace Antiphon.Server.Comments;

/// <summary>
/// What holds for a thread: the layers of its site, its blog and its post, or of its page, laid over each other.
/// </summary>
internal static class ThreadSettings
{
    /// <summary>For a post, or for a page that is none.</summary>
    /// <param name="site">The site.</param>
    /// <param name="blog">Blog of the post.</param>
    /// <param name="post">The post the thread is about.</param>
    /// <param name="thread">The thread, where there is one; its own layer holds where it is about no post.</param>
    public static EffectiveSettings Of(Site site, Blog? blog, Post? post, CommentThread? thread) =>
        EffectiveSettings.Of(
            site.CommentSettings,
            blog?.CommentSettings ?? CommentSettings.None,
            post?.Details.CommentLayer ?? thread?.Settings ?? CommentSettings.None
        );

    /// <summary>Whether comments are taken at a moment.</summary>
    public static bool IsOpen(Site site, Blog? blog, Post? post, CommentThread? thread, DateTimeOffset now) =>
        Of(site, blog, post, thread).IsOpen(post?.Details.CommentsCloseAt, post?.PublishedAt, site.TimeZone, now);
}
