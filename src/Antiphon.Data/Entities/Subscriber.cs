using Antiphon.Core.Syndication.Subscribers;

namespace Antiphon.Data.Entities;

/// <summary>Somebody who asked for mail.</summary>
public sealed class Subscriber
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>The site.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Address, lower-cased.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>Name, when given.</summary>
    public string? Name { get; set; }

    /// <summary>Random key of the link that ends the mails.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Since when.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>How they came.</summary>
    public SubscriberOrigin Origin { get; set; }

    /// <summary>What the team wrote about why they are here; null for what needs no reason.</summary>
    public string? Reason { get; set; }

    /// <summary>When the mails were ended; null while they go on.</summary>
    public DateTimeOffset? LeftAt { get; set; }
}
