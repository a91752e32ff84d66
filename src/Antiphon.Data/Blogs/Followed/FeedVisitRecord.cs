namespace Antiphon.Data.Blogs.Followed;

/// <summary>One visit to a followed feed; the latest of them are kept.</summary>
public sealed class FeedVisitRecord
{
    /// <summary>Identifies the feed visit record in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the blog of the feed visit record.</summary>
    public long BlogId { get; set; }

    /// <summary>How it is followed.</summary>
    public Following Following { get; set; } = null!;

    /// <summary>When the feed was asked for.</summary>
    public DateTimeOffset At { get; set; }

    /// <summary>What became of it.</summary>
    public FeedVisitOutcome Outcome { get; set; }

    /// <summary>Status of the answer, or null when there was none.</summary>
    public int? Status { get; set; }

    /// <summary>How long fetching took, in milliseconds.</summary>
    public int Milliseconds { get; set; }

    /// <summary>Size of the answer in bytes.</summary>
    public int Bytes { get; set; }

    /// <summary>Entries that became posts.</summary>
    public int NewEntries { get; set; }

    /// <summary>Entries that changed theirs.</summary>
    public int ChangedEntries { get; set; }

    /// <summary>Code of what went wrong; null when all was well.</summary>
    public string? Problem { get; set; }

    /// <summary>Value that belongs to the problem.</summary>
    public string? ProblemDetail { get; set; }
}
