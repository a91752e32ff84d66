namespace Antiphon.Core.Posts;

/// <summary>Where a post stands between the first word and the archive.</summary>
public enum PostStatus
{
    /// <summary>Being written; visible to the team only.</summary>
    Draft,

    /// <summary>Waiting for a colleague's word.</summary>
    InReview,

    /// <summary>Will be published at its date.</summary>
    Scheduled,

    /// <summary>Public since its date.</summary>
    Published,

    /// <summary>Was public and is so no longer.</summary>
    Withdrawn,
}
