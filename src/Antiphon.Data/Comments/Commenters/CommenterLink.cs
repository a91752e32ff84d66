namespace Antiphon.Data.Comments.Commenters;

/// <summary>A link in a mail by which a reader shows that an address is theirs.</summary>
public sealed class CommenterLink
{
    /// <summary>Identifies the reader link in the database.</summary>
    public long Id { get; set; }

    /// <summary>Hash of the key in the link; the key itself is only in the mail.</summary>
    public string Hash { get; set; } = string.Empty;

    /// <summary>Id of the site the reader link belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>The address.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>When the link ends.</summary>
    public DateTimeOffset ExpiresAt { get; set; }

    /// <summary>The device that asked for it, whose comments it confirms; null where it came without one.</summary>
    public string? OwnerKey { get; set; }

    /// <summary>The comment it was sent for, which it confirms; null where it was asked for by itself.</summary>
    public long? CommentId { get; set; }
}
