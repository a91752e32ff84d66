using Antiphon.Data.Sites;

namespace Antiphon.Data.Subscribers;

/// <summary>
/// Somebody asked for mail through a form; they are a subscriber once they follow the link in the mail that asks
/// whether it was them.
/// </summary>
public sealed class SubscriptionAsk
{
    /// <summary>Identifies the subscription ask in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the subscription ask belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the subscription ask belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Address, lower-cased.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>Random key of the link.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>When it was asked.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When the link was followed; null until then.</summary>
    public DateTimeOffset? ConfirmedAt { get; set; }

    /// <summary>Name, when given.</summary>
    public string? Name { get; set; }

    /// <summary>Categories they chose; empty for all.</summary>
    public List<string> Categories { get; set; } = [];

    /// <summary>Ids of the digests they chose; null where they were not asked.</summary>
    public List<long>? Digests { get; set; }

    /// <summary>The form it was asked by; null for the block in a post.</summary>
    public long? FormId { get; set; }

    /// <summary>What they agreed to, in the words they saw; null where nothing was asked.</summary>
    public string? Consent { get; set; }

    /// <summary>Number of that wording.</summary>
    public int? ConsentVersion { get; set; }
}
