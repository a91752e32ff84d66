namespace Antiphon.Data.Channels;

/// <summary>An attempt begun at a channel whose receiver takes only so much in a time; kept as long as it counts.</summary>
public sealed class ChannelStart
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>The channel.</summary>
    public long ChannelId { get; set; }

    /// <summary>The channel.</summary>
    public Channel Channel { get; set; } = null!;

    /// <summary>When it began.</summary>
    public DateTimeOffset At { get; set; }
}
