using Antiphon.Core.Comments.Moderation;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>What was done with a comment, for the record of decisions.</summary>
public sealed class CommentDeed
{
    /// <summary>Identifies the comment deed in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the comment deed belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the comment of the comment deed.</summary>
    public long CommentId { get; set; }

    /// <summary>The comment of the comment deed, when it is read with it.</summary>
    public Comment Comment { get; set; } = null!;

    /// <summary>What was done.</summary>
    public DeedKind Kind { get; set; }

    /// <summary>What was before: a standing, a text, a key of a thread or of a person; null for nothing.</summary>
    public string? Before { get; set; }

    /// <summary>What is then; null for nothing.</summary>
    public string? After { get; set; }

    /// <summary>From where it was done.</summary>
    public DeedWay Way { get; set; }

    /// <summary>Who did it; null for the writer, for rules and for people who have left.</summary>
    public long? PersonId { get; set; }

    /// <summary>Name of that person at the time; empty without one.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>When the moderator did it.</summary>
    public DateTimeOffset At { get; set; }
}
