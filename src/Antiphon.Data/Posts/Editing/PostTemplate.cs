namespace Antiphon.Data.Posts.Editing;

/// <summary>What posts can start from, with prompts where text belongs.</summary>
public sealed class PostTemplate
{
    /// <summary>Identifies the template in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the template belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Name for the team, one of its kind within the site.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Title a post begins with, or empty.</summary>
    public string Title { get; set; } = string.Empty;

    /// <summary>The text, cleaned.</summary>
    public string BodyHtml { get; set; } = string.Empty;

    /// <summary>Category posts begin with, or null.</summary>
    public string? Category { get; set; }

    /// <summary>Tags posts begin with.</summary>
    public List<string> Tags { get; set; } = [];
}
