namespace Antiphon.Data.Comments.Moderation;

/// <summary>A link in a mail by which one comment is decided once, without signing in.</summary>
public sealed class DecisionLink
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>Hash of the key in the link; the key itself is only in the mail.</summary>
    public string Hash { get; set; } = string.Empty;

    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>The comment.</summary>
    public long CommentId { get; set; }

    /// <summary>The comment.</summary>
    public Comment Comment { get; set; } = null!;

    /// <summary>Who got the mail.</summary>
    public long PersonId { get; set; }

    /// <summary>When the link ends.</summary>
    public DateTimeOffset ExpiresAt { get; set; }

    /// <summary>When it was used; null while it was not.</summary>
    public DateTimeOffset? UsedAt { get; set; }
}
