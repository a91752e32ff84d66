using Antiphon.Core.Mailing.Digests;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Reading;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>Which posts a digest brings.</summary>
internal static class DigestPosts
{
    /// <summary>
    /// Whether it brings a post, whose blog is loaded with how it is followed, apart from what the post itself says of
    /// mail.
    /// </summary>
    public static bool Brings(DigestSettings settings, Post post) =>
        settings.Choice.Refusal(ChannelTargets.Of(post)) is null && settings.Brings(OriginOf(post));

    /// <summary>How a post came to be here.</summary>
    public static PostOrigin OriginOf(Post post) =>
        post.Blog.Following is not null ? PostOrigin.Followed
        : post.ImportId is not null ? PostOrigin.BroughtIn
        : PostOrigin.Written;
}
