namespace Antiphon.Core.Comments;

/// <summary>Where a comment stands.</summary>
public enum CommentStanding
{
    /// <summary>Nobody has decided yet; only the team sees it.</summary>
    Waiting,

    /// <summary>Everybody sees it.</summary>
    Public,

    /// <summary>Kept, but shown to the team only.</summary>
    Hidden,

    /// <summary>Held to be spam.</summary>
    Spam,

    /// <summary>
    /// Removed; it can be brought back for thirty days, and its place in the thread stays while others answer it.
    /// </summary>
    Deleted,
}
