namespace Antiphon.Core.Comments.Moderation;

/// <summary>What was done with a comment.</summary>
public enum DeedKind
{
    /// <summary>It was sent to another standing.</summary>
    Decided,

    /// <summary>Its text was changed.</summary>
    Edited,

    /// <summary>It was moved to another thread.</summary>
    Moved,

    /// <summary>A colleague was asked to see to it, or no longer is.</summary>
    Assigned,

    /// <summary>Its writer took it back.</summary>
    Withdrawn,

    /// <summary>Its text and its writer were removed for good, on a person's request.</summary>
    Erased,
}
