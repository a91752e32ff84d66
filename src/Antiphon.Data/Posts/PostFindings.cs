using Antiphon.Core.Findings;
using Antiphon.Core.Posts.Checking;

namespace Antiphon.Data.Posts;

/// <summary>How many findings a stored post has, so that a list can be narrowed to those that have any.</summary>
public static class PostFindings
{
    /// <summary>
    /// Warnings and errors of looking the post over by itself, without comparing it with others or opening links.
    /// Advice does not count.
    /// </summary>
    public static int Count(Post post) =>
        PostCheck
            .Run(
                new PostDraft(
                    post.Title,
                    post.Slug,
                    post.BodyHtml,
                    post.Excerpt,
                    post.PictureAddress,
                    post.PictureAlt,
                    post.Category,
                    post.Tags,
                    []
                )
            )
            .Count(finding => finding.Rule.Severity != Severity.Advice);
}
