namespace Antiphon.Data.Posts.Editing;

/// <summary>A change made to many posts at once, with what they were before.</summary>
public sealed class BulkChange
{
    /// <summary>Identifies the bulk change in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the bulk change belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Who made it.</summary>
    public long PersonId { get; set; }

    /// <summary>When the posts were changed together.</summary>
    public DateTimeOffset MadeAt { get; set; }

    /// <summary>When it was taken back; null while it stands.</summary>
    public DateTimeOffset? UndoneAt { get; set; }

    /// <summary>What the posts were.</summary>
    public List<PostBefore> Before { get; set; } = [];
}
