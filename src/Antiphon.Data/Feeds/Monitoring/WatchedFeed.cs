using Antiphon.Data.Sites;
using Antiphon.Data.Work;

namespace Antiphon.Data.Feeds.Monitoring;

/// <summary>A feed that is checked on a schedule, and may be published repaired at an address of ours.</summary>
public sealed class WatchedFeed : LeasedRow
{
    /// <summary>Identifies the watched feed in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the watched feed belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the watched feed belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Name shown to the team.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Where it is.</summary>
    public string Address { get; set; } = string.Empty;

    /// <summary>The blog of ours whose feed it is; null for a feed of somebody else.</summary>
    public long? BlogId { get; set; }

    /// <summary>When it was taken in.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When the feed is checked next.</summary>
    public DateTimeOffset NextCheckAt { get; set; }

    /// <summary>Last check.</summary>
    public DateTimeOffset? CheckedAt { get; set; }

    /// <summary>Failed fetches in a row.</summary>
    public int Failures { get; set; }

    /// <summary>Validator of the last answer.</summary>
    public string? ETag { get; set; }

    /// <summary>Last-Modified of the last answer, as sent.</summary>
    public string? LastModified { get; set; }

    /// <summary>Whether the team was last told that it is good; null before the first check.</summary>
    public bool? WasGood { get; set; }

    /// <summary>Key in the address of the repaired feed; null when it is not published repaired.</summary>
    public string? RepairKey { get; set; }

    /// <summary>The repaired feed as it is published; null before it could be read once.</summary>
    public byte[]? Repaired { get; set; }

    /// <summary>Content-Type of the repaired feed.</summary>
    public string? RepairedType { get; set; }

    /// <summary>Changes made in it.</summary>
    public int RepairedChanges { get; set; }

    /// <summary>When the repaired copy last became another; null before the first.</summary>
    public DateTimeOffset? RepairedAt { get; set; }

    /// <summary>Checks that gave something else than the one before.</summary>
    public List<WatchRecord> Records { get; } = [];
}
