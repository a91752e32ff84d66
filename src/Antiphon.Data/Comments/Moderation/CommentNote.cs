namespace Antiphon.Data.Comments.Moderation;

/// <summary>What a colleague wrote about a comment; readers never see it.</summary>
public sealed class CommentNote
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>The comment.</summary>
    public long CommentId { get; set; }

    /// <summary>The comment.</summary>
    public Comment Comment { get; set; } = null!;

    /// <summary>Who wrote it; null when they have left.</summary>
    public long? PersonId { get; set; }

    /// <summary>Name of that person at the time.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>What it says.</summary>
    public string Text { get; set; } = string.Empty;

    /// <summary>When.</summary>
    public DateTimeOffset At { get; set; }
}
