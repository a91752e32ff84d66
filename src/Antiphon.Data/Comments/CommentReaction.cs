namespace Antiphon.Data.Comments;

/// <summary>A reader's reaction to a comment, or to what the thread is about.</summary>
public sealed class CommentReaction
{
    /// <summary>Identifies the comment reaction in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the thread of the comment reaction.</summary>
    public long ThreadId { get; set; }

    /// <summary>The comment; null for what the thread is about.</summary>
    public long? CommentId { get; set; }

    /// <summary>Keyed hash of what the reader's device calls itself.</summary>
    public string ReaderKey { get; set; } = string.Empty;

    /// <summary>Keyed hash of the network address; dropped after thirty days.</summary>
    public string? PlaceKey { get; set; }

    /// <summary>The emoji.</summary>
    public string Sign { get; set; } = string.Empty;

    /// <summary>When the reader reacted.</summary>
    public DateTimeOffset GivenAt { get; set; }
}
