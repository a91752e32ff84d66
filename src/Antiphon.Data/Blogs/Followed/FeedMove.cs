namespace Antiphon.Data.Blogs.Followed;

/// <summary>A followed feed moved for good to another address, and was followed there.</summary>
public sealed class FeedMove
{
    /// <summary>Identifies the feed move in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the blog of the feed move.</summary>
    public long BlogId { get; set; }

    /// <summary>How it is followed.</summary>
    public Following Following { get; set; } = null!;

    /// <summary>Where it was.</summary>
    public string From { get; set; } = string.Empty;

    /// <summary>Where it is.</summary>
    public string To { get; set; } = string.Empty;

    /// <summary>When we learned of it.</summary>
    public DateTimeOffset At { get; set; }
}
