namespace Antiphon.Data.Entities;

/// <summary>The last look at one page for one listing.</summary>
public sealed class Sighting
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>The listing.</summary>
    public long ListingId { get; set; }

    /// <summary>The listing.</summary>
    public Listing Listing { get; set; } = null!;

    /// <summary>The page.</summary>
    public string PageAddress { get; set; } = string.Empty;

    /// <summary>When it was last looked at.</summary>
    public DateTimeOffset LookedAt { get; set; }

    /// <summary>When the listing was last seen there; null when never.</summary>
    public DateTimeOffset? SeenAt { get; set; }

    /// <summary>Whether it was there at the last look.</summary>
    public bool IsThere { get; set; }
}
