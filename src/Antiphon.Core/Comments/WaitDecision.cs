namespace Antiphon.Core.Comments;

/// <summary>
/// Decides what a new comment waits for. In this version every comment waits; the reason is the most telling one for
/// the moderator.
/// </summary>
public static class WaitDecision
{
    /// <summary>Number of links from which they are the reason named.</summary>
    public const int ManyLinksFrom = 2;

    /// <summary>The reason shown above the comment in the queue.</summary>
    /// <param name="text">The comment's plain text.</param>
    /// <param name="publishedBefore">How many public comments the same writer has.</param>
    public static WaitReason ReasonFor(string text, int publishedBefore)
    {
        var links = CommentLinks.Count(text);
        if (publishedBefore == 0 && links > 0)
            return WaitReason.FirstTimeWriterWithLink;
        if (links >= ManyLinksFrom)
            return WaitReason.ManyLinks;
        return publishedBefore == 0 ? WaitReason.FirstTimeWriter : WaitReason.EveryCommentWaits;
    }
}
