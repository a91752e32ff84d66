namespace Antiphon.Data.Comments.Moderation;

/// <summary>A link in a mail by which one comment is decided once, without signing in.</summary>
public sealed class DecisionLink
{
    /// <summary>Identifies the decision link in the database.</summary>
    public long Id { get; set; }

    /// <summary>Hash of the key in the link; the key itself is only in the mail.</summary>
    public string Hash { get; set; } = string.Empty;

    /// <summary>Id of the site the decision link belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the comment of the decision link.</summary>
    public long CommentId { get; set; }

    /// <summary>The comment of the decision link, when it is read with it.</summary>
    public Comment Comment { get; set; } = null!;

    /// <summary>Who got the mail.</summary>
    public long PersonId { get; set; }

    /// <summary>When the link ends.</summary>
    public DateTimeOffset ExpiresAt { get; set; }

    /// <summary>When it was used; null while it was not.</summary>
    public DateTimeOffset? UsedAt { get; set; }
}
