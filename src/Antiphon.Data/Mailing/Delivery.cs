using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Work;
using Antiphon.Data.Subscribers;
using Antiphon.Data.Work;

namespace Antiphon.Data.Mailing;

/// <summary>One edition going to one subscriber: a row of the outbox.</summary>
public sealed class Delivery : LeasedRow
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>Random key that is the same in every attempt; part of the Message-ID.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>The edition.</summary>
    public long EditionId { get; set; }

    /// <summary>The edition.</summary>
    public Edition Edition { get; set; } = null!;

    /// <summary>The receiver.</summary>
    public long SubscriberId { get; set; }

    /// <summary>The receiver.</summary>
    public Subscriber Subscriber { get; set; } = null!;

    /// <summary>Whether it has the second subject.</summary>
    public bool IsSecond { get; set; }

    /// <summary>Where it stands.</summary>
    public DeliveryState State { get; set; }

    /// <summary>Attempts begun.</summary>
    public int Attempts { get; set; }

    /// <summary>When it is due.</summary>
    public DateTimeOffset NextAttemptAt { get; set; }

    /// <summary>When it was written to the outbox.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When the receiver took it.</summary>
    public DateTimeOffset? DeliveredAt { get; set; }

    /// <summary>What the receiver said last.</summary>
    public string? LastAnswer { get; set; }

    /// <summary>How it came back, so that one report that is read twice counts once; null while it has not.</summary>
    public ReturnKind? Returned { get; set; }
}
