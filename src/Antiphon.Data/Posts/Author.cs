namespace Antiphon.Data.Posts;

/// <summary>Somebody whose name stands above posts: a person of the team, or a guest.</summary>
public sealed class Author
{
    /// <summary>Identifies the author in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the author belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Name as it stands above posts; unique in the site.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>A few words about the author, or null.</summary>
    public string? About { get; set; }

    /// <summary>Page of the author's own, absolute, or null.</summary>
    public string? Link { get; set; }

    /// <summary>Picture, absolute, or null.</summary>
    public string? PictureAddress { get; set; }
}
