using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Entities;

namespace Antiphon.Server.Comments;

/// <summary>What holds for a thread: the layers of its site, its blog and its post laid over each other.</summary>
internal static class ThreadSettings
{
    /// <summary>For a post, or for a page that is none.</summary>
    public static EffectiveSettings Of(Site site, Blog? blog, Post? post) =>
        EffectiveSettings.Of(site.CommentSettings, blog?.CommentSettings ?? CommentSettings.None, post?.Details.CommentLayer ?? CommentSettings.None);

    /// <summary>Whether comments are taken at a moment.</summary>
    public static bool IsOpen(Site site, Blog? blog, Post? post, DateTimeOffset now) => Of(site, blog, post).IsOpen(post?.Details, post?.PublishedAt, site.TimeZone, now);
}
