using Antiphon.Core.Posts.Blocks;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform;

namespace Antiphon.Server.Posts.Reading;

/// <summary>What every page that shows a whole post fills its blocks with.</summary>
internal static class PageBlocks
{
    /// <summary>
    /// The forms of the post and the links of its site; author and related posts are the page's to say.
    /// </summary>
    public static BlockContext Around(Post post, BlockTexts texts, AntiphonOptions options) =>
        new(texts, null, [])
        {
            Follow = post.Blog.Site.FollowLinks,
            QuestionAddress = options.AddressOf($"embed/questions/{post.Key}"),
            SubscribeAddress = options.AddressOf($"embed/subscribe/{post.Blog.Site.PublicKey}"),
        };
}
