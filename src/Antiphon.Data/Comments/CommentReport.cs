using Antiphon.Core.Comments;

namespace Antiphon.Data.Comments;

/// <summary>A reader telling us that a comment is bad; one for each reader.</summary>
public sealed class CommentReport
{
    /// <summary>Identifies the comment report in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the comment of the comment report.</summary>
    public long CommentId { get; set; }

    /// <summary>The comment of the comment report, when it is read with it.</summary>
    public Comment Comment { get; set; } = null!;

    /// <summary>Keyed hash of what the reader's device calls itself.</summary>
    public string ReaderKey { get; set; } = string.Empty;

    /// <summary>Keyed hash of the network address; dropped after thirty days.</summary>
    public string? PlaceKey { get; set; }

    /// <summary>What is wrong with it.</summary>
    public ReportReason Reason { get; set; }

    /// <summary>In the reader's words, or null.</summary>
    public string? Words { get; set; }

    /// <summary>When the reader reported the comment.</summary>
    public DateTimeOffset MadeAt { get; set; }
}
