namespace Antiphon.Data.Posts.Editing;

/// <summary>An address under which somebody without an account sees a post before it is public.</summary>
public sealed class PreviewLink
{
    /// <summary>Identifies the preview link in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in its address.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Id of the post of the preview link.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the preview link, when it is read with it.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>When the link was handed out.</summary>
    public DateTimeOffset MadeAt { get; set; }

    /// <summary>When it stops working.</summary>
    public DateTimeOffset ExpiresAt { get; set; }
}
