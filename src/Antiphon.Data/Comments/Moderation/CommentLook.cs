namespace Antiphon.Data.Comments.Moderation;

/// <summary>Which comment a person looks at.</summary>
public sealed class CommentLook
{
    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>The person.</summary>
    public long PersonId { get; set; }

    /// <summary>Name of the person.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>The comment.</summary>
    public long CommentId { get; set; }

    /// <summary>When the screen last said so.</summary>
    public DateTimeOffset At { get; set; }
}
