namespace Antiphon.Data.Posts;

/// <summary>A category of a site's posts, with its place in the tree.</summary>
public sealed class Category
{
    /// <summary>Identifies the category in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the category belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Name as it stands on posts; unique in the site.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Name of the category above it, or null at the top.</summary>
    public string? Above { get; set; }

    /// <summary>What it is about, for its page, or null.</summary>
    public string? Description { get; set; }
}
