using Antiphon.Data.Posts;

namespace Antiphon.Data.Subscribers;

/// <summary>What a reader asked through a question form.</summary>
public sealed class Question
{
    /// <summary>Identifies the question in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the question belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>The post the form stood in; null when that is gone.</summary>
    public long? PostId { get; set; }

    /// <summary>The post the form stood in.</summary>
    public Post? Post { get; set; }

    /// <summary>The reader's name.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>The reader's mail address, for the answer.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>What was asked.</summary>
    public string Message { get; set; } = string.Empty;

    /// <summary>When the question was added.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When somebody of the team saw to it; null while it is open.</summary>
    public DateTimeOffset? DoneAt { get; set; }
}
