using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Data.Channels;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending.Partners;

/// <summary>
/// How partners are spoken to. None of the protocols knows keys for repeats, so each can look up what a partner has.
/// </summary>
internal interface IPartnerProtocol
{
    /// <summary>The protocol.</summary>
    PartnerProtocol Protocol { get; }

    /// <summary>What is going to be sent, as people read it.</summary>
    string Preview(SendOrder order);

    /// <summary>Looks for the post among the partner's latest.</summary>
    Task<PartnerLook> FindAsync(SendOrder order, CancellationToken cancellation);

    /// <summary>Sends what the order says; for changes and withdrawals the receiver's address is known.</summary>
    Task<Fetched> SendAsync(SendOrder order, CancellationToken cancellation);

    /// <summary>What an answer that takes the post means.</summary>
    SendOutcome Taken(SendOrder order, Fetched answer);

    /// <summary>Asks whether the partner knows us.</summary>
    Task<Fetched> AskAsync(Channel channel, CancellationToken cancellation);

    /// <summary>Whether the answer to that question is in the protocol's own form.</summary>
    bool IsSpokenBy(Fetched answer);
}
