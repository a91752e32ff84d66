namespace Antiphon.Data.Posts.Working;

/// <summary>An address under which somebody without an account sees a post before it is public.</summary>
public sealed class PreviewLink
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in its address.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>The post.</summary>
    public long PostId { get; set; }

    /// <summary>The post.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>When it was made.</summary>
    public DateTimeOffset MadeAt { get; set; }

    /// <summary>When it stops working.</summary>
    public DateTimeOffset ExpiresAt { get; set; }
}
