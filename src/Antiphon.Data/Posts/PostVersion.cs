namespace Antiphon.Data.Posts;

/// <summary>A post as it was at one moment.</summary>
public sealed class PostVersion
{
    /// <summary>Identifies the post version in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the post of the post version.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the post version, when it is read with it.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>Who saved it; null for a version from before versions were kept.</summary>
    public long? PersonId { get; set; }

    /// <summary>Name of that person at the time.</summary>
    public string? PersonName { get; set; }

    /// <summary>When its sitting began.</summary>
    public DateTimeOffset BeganAt { get; set; }

    /// <summary>When it was last saved.</summary>
    public DateTimeOffset SavedAt { get; set; }

    /// <summary>Whether readers saw it.</summary>
    public bool WasPublic { get; set; }

    /// <summary>Title.</summary>
    public string Title { get; set; } = string.Empty;

    /// <summary>Body as cleaned HTML.</summary>
    public string BodyHtml { get; set; } = string.Empty;

    /// <summary>Own short text, or null.</summary>
    public string? Excerpt { get; set; }
}
