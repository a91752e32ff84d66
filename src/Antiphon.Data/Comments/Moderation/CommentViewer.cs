namespace Antiphon.Data.Comments.Moderation;

/// <summary>Which comment a person looks at.</summary>
public sealed class CommentViewer
{
    /// <summary>Id of the site the comment look belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the person of the comment look.</summary>
    public long PersonId { get; set; }

    /// <summary>Name of the person.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>Id of the comment of the comment look.</summary>
    public long CommentId { get; set; }

    /// <summary>When the screen last said so.</summary>
    public DateTimeOffset At { get; set; }
}
