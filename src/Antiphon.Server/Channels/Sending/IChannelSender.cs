using Antiphon.Core.Channels;
using Antiphon.Data.Channels;

namespace Antiphon.Server.Channels.Sending;

/// <summary>Hands deliveries of one kind of channel over.</summary>
internal interface IChannelSender
{
    /// <summary>The kind.</summary>
    ChannelKind Kind { get; }

    /// <summary>What is going to be sent, exactly, as people read it.</summary>
    string Preview(SendOrder order);

    /// <summary>Sends. Never throws for what the receiver does.</summary>
    Task<SendOutcome> SendAsync(SendOrder order, CancellationToken cancellation);

    /// <summary>Asks the receiver whether it would take something, without sending a post; what it said.</summary>
    Task<SendOutcome> TestAsync(Channel channel, CancellationToken cancellation);
}
