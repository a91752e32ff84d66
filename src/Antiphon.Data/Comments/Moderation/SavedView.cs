namespace Antiphon.Data.Comments.Moderation;

/// <summary>A choice of comments that a person keeps under a name.</summary>
public sealed class SavedView
{
    /// <summary>Identifies the saved view in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the saved view belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Whose it is.</summary>
    public long PersonId { get; set; }

    /// <summary>Its name.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>The choice as it stands in the address bar, without the question mark.</summary>
    public string Query { get; set; } = string.Empty;
}
