namespace Antiphon.Core.Mentions;

/// <summary>
/// Where a mention stands before people decide about it; what they decide is the standing of its comment.
/// </summary>
public enum MentionState
{
    /// <summary>Told, and not read yet.</summary>
    Unread,

    /// <summary>The page was read and links to the post.</summary>
    Found,

    /// <summary>The page could not be read or does not link to the post.</summary>
    Refused,

    /// <summary>The page linked once, and does so no more.</summary>
    Gone,
}
