namespace Antiphon.Data.Entities;

/// <summary>Somebody asked for mail through a form; they are a subscriber once they follow the link in the mail that asks whether it was them.</summary>
public sealed class SubscriptionAsk
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>The site.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Address, lower-cased.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>Random key of the link.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>When it was asked.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When the link was followed; null until then.</summary>
    public DateTimeOffset? ConfirmedAt { get; set; }
}
