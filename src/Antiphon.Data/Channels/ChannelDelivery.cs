using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;
using Antiphon.Core.Work;
using Antiphon.Data.Posts;
using Antiphon.Data.Work;

namespace Antiphon.Data.Channels;

/// <summary>One post, or one event, going to one channel: a row of the outbox.</summary>
public sealed class ChannelDelivery : LeasedRow
{
    /// <summary>Identifies the channel delivery in the database.</summary>
    public long Id { get; set; }

    /// <summary>
    /// Random key that is the same in every attempt; receivers that take one tell repeats apart by it.
    /// </summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Id of the site the channel delivery belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the channel of the channel delivery.</summary>
    public long ChannelId { get; set; }

    /// <summary>The channel of the channel delivery, when it is read with it.</summary>
    public Channel Channel { get; set; } = null!;

    /// <summary>The post; null for events that are about none.</summary>
    public long? PostId { get; set; }

    /// <summary>The post; null for events that are about none.</summary>
    public Post? Post { get; set; }

    /// <summary>What it brings about.</summary>
    public DeliveryAct Act { get; set; }

    /// <summary>The page that is told, for pings; the feed, for hubs; otherwise empty.</summary>
    public string Target { get; set; } = string.Empty;

    /// <summary>Which time the post goes there, from 0; the team may send it again.</summary>
    public int Round { get; set; }

    /// <summary>How far the channel delivery is.</summary>
    public DeliveryState State { get; set; }

    /// <summary>When it is to go out, as it was planned or moved.</summary>
    public DateTimeOffset PlannedFor { get; set; }

    /// <summary>Before this moment it is not sent; moved on after each attempt that failed.</summary>
    public DateTimeOffset NextAttemptAt { get; set; }

    /// <summary>Attempts begun.</summary>
    public int Attempts { get; set; }

    /// <summary>Why it is held back; null while it is not.</summary>
    public HoldReason? Held { get; set; }

    /// <summary>The text the team wrote for it; null for what the template says.</summary>
    public string? OwnText { get; set; }

    /// <summary>Which of the channel's texts it takes, from 0.</summary>
    public int Turn { get; set; }

    /// <summary>What was sent last, exactly; for events what is to be sent.</summary>
    public string? Sent { get; set; }

    /// <summary>What the receiver said last.</summary>
    public string? Answer { get; set; }

    /// <summary>Where the post stands at the receiver, or null.</summary>
    public string? ReceivedAddress { get; set; }

    /// <summary>Where the receiver takes changes of it, where that is another address; null otherwise.</summary>
    public string? EditAddress { get; set; }

    /// <summary>What it brought at the receiver when that was asked last; null where it never was.</summary>
    public NetworkCounts? Counts { get; set; }

    /// <summary>When the receiver was asked last, or null.</summary>
    public DateTimeOffset? CountedAt { get; set; }

    /// <summary>When it is asked next; null for no more.</summary>
    public DateTimeOffset? CountNextAt { get; set; }

    /// <summary>When it was written to the outbox.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When the receiver took it.</summary>
    public DateTimeOffset? DeliveredAt { get; set; }

    /// <summary>The attempts.</summary>
    public List<ChannelAttempt> Tried { get; set; } = [];
}
