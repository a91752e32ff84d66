namespace Antiphon.Data.Comments.Moderation;

/// <summary>What a colleague wrote about a comment; readers never see it.</summary>
public sealed class CommentNote
{
    /// <summary>Identifies the comment note in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the comment of the comment note.</summary>
    public long CommentId { get; set; }

    /// <summary>The comment of the comment note, when it is read with it.</summary>
    public Comment Comment { get; set; } = null!;

    /// <summary>Who wrote it; null when they have left.</summary>
    public long? PersonId { get; set; }

    /// <summary>Name of that person at the time.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>What it says.</summary>
    public string Text { get; set; } = string.Empty;

    /// <summary>When the note was written.</summary>
    public DateTimeOffset At { get; set; }
}
