using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Work;
using Antiphon.Data.Subscribers;
using Antiphon.Data.Work;

namespace Antiphon.Data.Mailing;

/// <summary>One edition going to one subscriber: a row of the outbox.</summary>
public sealed class Delivery : LeasedRow
{
    /// <summary>Identifies the delivery in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key that is the same in every attempt; part of the Message-ID.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Id of the site the delivery belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the edition of the delivery.</summary>
    public long EditionId { get; set; }

    /// <summary>The edition of the delivery, when it is read with it.</summary>
    public Edition Edition { get; set; } = null!;

    /// <summary>Id of the subscriber of the delivery.</summary>
    public long SubscriberId { get; set; }

    /// <summary>The subscriber of the delivery, when it is read with it.</summary>
    public Subscriber Subscriber { get; set; } = null!;

    /// <summary>Whether it has the second subject.</summary>
    public bool IsSecond { get; set; }

    /// <summary>How far the delivery is.</summary>
    public DeliveryState State { get; set; }

    /// <summary>Attempts begun.</summary>
    public int Attempts { get; set; }

    /// <summary>Before this moment the mail is not sent; moved on after each attempt that failed.</summary>
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
