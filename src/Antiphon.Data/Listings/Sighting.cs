using Antiphon.Data.Work;

namespace Antiphon.Data.Listings;

/// <summary>The last look at one page for one listing.</summary>
public sealed class Sighting : LeasedRow
{
    /// <summary>Identifies the sighting in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the listing of the sighting.</summary>
    public long ListingId { get; set; }

    /// <summary>The listing of the sighting, when it is read with it.</summary>
    public Listing Listing { get; set; } = null!;

    /// <summary>The page.</summary>
    public string PageAddress { get; set; } = string.Empty;

    /// <summary>When it was last looked at.</summary>
    public DateTimeOffset LookedAt { get; set; }

    /// <summary>When the listing was last seen there; null when never.</summary>
    public DateTimeOffset? SeenAt { get; set; }

    /// <summary>Whether it was there at the last look.</summary>
    public bool IsThere { get; set; }

    /// <summary>
    /// When we fetched the page and found the snippet there; null for what only a request said, which proves nothing.
    /// </summary>
    public DateTimeOffset? ConfirmedAt { get; set; }

    /// <summary>When it was fetched to confirm it; null while it was not.</summary>
    public DateTimeOffset? ConfirmingAt { get; set; }
}
