namespace Antiphon.Data.Comments;

/// <summary>A reader's vote on a comment; one for each reader.</summary>
public sealed class CommentVote
{
    /// <summary>Identifies the comment vote in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the comment of the comment vote.</summary>
    public long CommentId { get; set; }

    /// <summary>The comment of the comment vote, when it is read with it.</summary>
    public Comment Comment { get; set; } = null!;

    /// <summary>Keyed hash of what the reader's device calls itself.</summary>
    public string ReaderKey { get; set; } = string.Empty;

    /// <summary>Keyed hash of the network address; dropped after thirty days.</summary>
    public string? PlaceKey { get; set; }

    /// <summary>Whether it is a vote up.</summary>
    public bool IsUp { get; set; }

    /// <summary>When it was given.</summary>
    public DateTimeOffset GivenAt { get; set; }
}
