using Antiphon.Core.Channels;

namespace Antiphon.Data.Channels;

/// <summary>One attempt to hand a delivery over.</summary>
public sealed class ChannelAttempt
{
    /// <summary>Identifies the channel attempt in the database.</summary>
    public long Id { get; set; }

    /// <summary>The delivery.</summary>
    public long DeliveryId { get; set; }

    /// <summary>When it ended.</summary>
    public DateTimeOffset At { get; set; }

    /// <summary>How long it took, in milliseconds.</summary>
    public int Milliseconds { get; set; }

    /// <summary>How it ended.</summary>
    public SendOutcomeKind Outcome { get; set; }

    /// <summary>What the receiver said.</summary>
    public string Answer { get; set; } = string.Empty;
}
