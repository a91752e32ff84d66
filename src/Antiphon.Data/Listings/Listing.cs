using Antiphon.Core.Listings.Definition;
using Antiphon.Data.Sites;

namespace Antiphon.Data.Listings;

/// <summary>A definition of posts that can be embedded in pages.</summary>
public sealed class Listing
{
    /// <summary>Identifies the listing in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in its addresses.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Id of the site the listing belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the listing belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Name for the team.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What it is made of.</summary>
    public ListingDefinition Definition { get; set; } = null!;

    /// <summary>What it is made of, in the look it uses, which must be loaded.</summary>
    public ListingDefinition InUse => Look is null ? Definition : Definition with { Look = Look.Definition };

    /// <summary>Page it is meant for.</summary>
    public string? PageAddress { get; set; }

    /// <summary>
    /// Selector of the element on that page that the listing is to stand behind; null for a likely place.
    /// </summary>
    public string? Spot { get; set; }

    /// <summary>The look it uses; null for its own.</summary>
    public long? LookId { get; set; }

    /// <summary>The look it uses.</summary>
    public Look? Look { get; set; }

    /// <summary>When it was put away; null while it is in use. Pages that carry it keep showing it.</summary>
    public DateTimeOffset? ArchivedAt { get; set; }

    /// <summary>When the listing was begun.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When an answer of the builder last changed.</summary>
    public DateTimeOffset UpdatedAt { get; set; }

    /// <summary>Pages it was looked for on.</summary>
    public List<Sighting> Sightings { get; set; } = [];
}
