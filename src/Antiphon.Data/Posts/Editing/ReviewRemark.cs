namespace Antiphon.Data.Posts.Editing;

/// <summary>What a reviewer says about a passage of a post, or about all of it.</summary>
public sealed class ReviewRemark
{
    /// <summary>Identifies the review remark in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the post of the review remark.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the review remark, when it is read with it.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>Who says it.</summary>
    public long PersonId { get; set; }

    /// <summary>Name of that person at the time.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>The words it is about as they stood, or null for the whole post.</summary>
    public string? Passage { get; set; }

    /// <summary>The remark.</summary>
    public string Text { get; set; } = string.Empty;

    /// <summary>When the remark was written.</summary>
    public DateTimeOffset MadeAt { get; set; }

    /// <summary>When it was ticked off; null while it is open.</summary>
    public DateTimeOffset? DoneAt { get; set; }
}
