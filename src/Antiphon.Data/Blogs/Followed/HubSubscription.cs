using Antiphon.Data.Work;

namespace Antiphon.Data.Blogs.Followed;

/// <summary>Our subscription to a followed feed at the hub it offers.</summary>
public sealed class HubSubscription : LeasedRow
{
    /// <summary>The blog whose feed it is.</summary>
    public long BlogId { get; set; }

    /// <summary>How it is followed.</summary>
    public Following Following { get; set; } = null!;

    /// <summary>The hub.</summary>
    public string Hub { get; set; } = string.Empty;

    /// <summary>The address the hub knows the feed by.</summary>
    public string Topic { get; set; } = string.Empty;

    /// <summary>Random key that stands in the address the hub calls.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Secret with which the hub signs.</summary>
    public string Secret { get; set; } = string.Empty;

    /// <summary>How far the hub subscription is.</summary>
    public HubState State { get; set; }

    /// <summary>When it was asked for last.</summary>
    public DateTimeOffset AskedAt { get; set; }

    /// <summary>When the lease ends; null until the hub has confirmed.</summary>
    public DateTimeOffset? LeaseUntil { get; set; }

    /// <summary>When it is asked for again: before the lease ends, or after a refusal.</summary>
    public DateTimeOffset RenewAt { get; set; }

    /// <summary>When the hub last told of a change.</summary>
    public DateTimeOffset? PushedAt { get; set; }
}
