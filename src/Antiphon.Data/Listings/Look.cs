using Antiphon.Core.Listings.Styles;

namespace Antiphon.Data.Listings;

/// <summary>A look that listings of a site share.</summary>
public sealed class Look
{
    /// <summary>Identifies the look in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the look belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Name for the team.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What it is.</summary>
    public ListingLook Definition { get; set; } = ListingLook.Inherited;

    /// <summary>When the look last changed, for all listings that share it.</summary>
    public DateTimeOffset UpdatedAt { get; set; }

    /// <summary>Listings that use it.</summary>
    public List<Listing> Listings { get; set; } = [];
}
