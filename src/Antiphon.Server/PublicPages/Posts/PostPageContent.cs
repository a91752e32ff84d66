using Antiphon.Core.Posts.Blocks;
using Antiphon.Data.Posts;
using Antiphon.Server.Comments.Threads;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>Everything the page of a post shows.</summary>
/// <param name="Post">The post with its blog and site.</param>
/// <param name="Address">Where it lives.</param>
/// <param name="Author">What is said about its author, or null.</param>
/// <param name="Fields">Own fields readers see, in words.</param>
/// <param name="Related">Posts to read on with.</param>
/// <param name="Older">The post before it, or null.</param>
/// <param name="Newer">The post after it, or null.</param>
/// <param name="Comments">First page of the public comments.</param>
/// <param name="Thread">What holds for the conversation.</param>
/// <param name="IsPreview">Whether it is shown before it is public.</param>
internal sealed record PostPageContent(
    Post Post,
    string Address,
    BlockAuthor? Author,
    IReadOnlyList<(string Label, string Words)> Fields,
    IReadOnlyList<BlockLink> Related,
    BlockLink? Older,
    BlockLink? Newer,
    ThreadPage Comments,
    ThreadRules Thread,
    bool IsPreview = false
)
{
    /// <summary>
    /// Whether the page says that it is a preview behind a link that ends; not where its writer looks at it.
    /// </summary>
    public bool HasNote { get; init; } = IsPreview;
}
