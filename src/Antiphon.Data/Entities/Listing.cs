using Antiphon.Core.Listings;

namespace Antiphon.Data.Entities;

/// <summary>A definition of posts that can be embedded in pages.</summary>
public sealed class Listing
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in its addresses.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>The site.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Name for the team.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What it is made of.</summary>
    public ListingDefinition Definition { get; set; } = null!;

    /// <summary>Page it is meant for.</summary>
    public string? PageAddress { get; set; }

    /// <summary>When it was made.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When it last changed.</summary>
    public DateTimeOffset UpdatedAt { get; set; }

    /// <summary>Pages it was looked for on.</summary>
    public List<Sighting> Sightings { get; set; } = [];
}
