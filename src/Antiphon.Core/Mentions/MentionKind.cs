namespace Antiphon.Core.Mentions;

/// <summary>What a page of another site does with a post.</summary>
public enum MentionKind
{
    /// <summary>It links to it.</summary>
    Link,

    /// <summary>It answers it (u-in-reply-to).</summary>
    Answer,

    /// <summary>It likes it (u-like-of).</summary>
    Like,

    /// <summary>It passes it on (u-repost-of).</summary>
    Repost,
}
