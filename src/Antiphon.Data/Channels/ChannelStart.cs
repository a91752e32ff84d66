namespace Antiphon.Data.Channels;

/// <summary>
/// An attempt begun at a channel whose receiver takes only so much in a time; kept as long as it counts.
/// </summary>
public sealed class ChannelStart
{
    /// <summary>Identifies the channel start in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the channel of the channel start.</summary>
    public long ChannelId { get; set; }

    /// <summary>The channel of the channel start, when it is read with it.</summary>
    public Channel Channel { get; set; } = null!;

    /// <summary>When it began.</summary>
    public DateTimeOffset At { get; set; }
}
