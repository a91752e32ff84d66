using Antiphon.Core.Listings.Styles;

namespace Antiphon.Data.Listings;

/// <summary>A look that listings of a site share.</summary>
public sealed class Look
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>Name for the team.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What it is.</summary>
    public ListingLook Definition { get; set; } = ListingLook.Inherited;

    /// <summary>When it last changed.</summary>
    public DateTimeOffset UpdatedAt { get; set; }

    /// <summary>Listings that use it.</summary>
    public List<Listing> Listings { get; set; } = [];
}
