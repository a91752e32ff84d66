namespace Antiphon.Data.Entities;

/// <summary>How and with what success the feed of a blog is followed.</summary>
public sealed class Following
{
    /// <summary>The blog.</summary>
    public long BlogId { get; set; }

    /// <summary>The blog.</summary>
    public Blog Blog { get; set; } = null!;

    /// <summary>Where the feed is.</summary>
    public string FeedAddress { get; set; } = string.Empty;

    /// <summary>Validator of the last good answer.</summary>
    public string? ETag { get; set; }

    /// <summary>Last-Modified of the last good answer, as sent.</summary>
    public string? LastModified { get; set; }

    /// <summary>Last visit.</summary>
    public DateTimeOffset? LastVisitAt { get; set; }

    /// <summary>Last visit that gave a readable feed or said that nothing changed.</summary>
    public DateTimeOffset? LastGoodAt { get; set; }

    /// <summary>When it is due.</summary>
    public DateTimeOffset NextVisitAt { get; set; }

    /// <summary>Failed visits in a row.</summary>
    public int Failures { get; set; }

    /// <summary>Code of what went wrong last; null when all is well.</summary>
    public string? Problem { get; set; }

    /// <summary>Value that belongs to the problem, such as a status code or a place.</summary>
    public string? ProblemDetail { get; set; }

    /// <summary>A worker holds it until then.</summary>
    public DateTimeOffset? LeaseUntil { get; set; }
}
