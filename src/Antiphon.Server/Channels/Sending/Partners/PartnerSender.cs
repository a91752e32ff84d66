using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Data.Channels;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending.Partners;

/// <summary>
/// Sends posts to partner sites. Partners know no keys for repeats, so before one the partner is asked for its latest
/// posts.
/// </summary>
internal sealed class PartnerSender(GuardedClient client, IEnumerable<IPartnerProtocol> protocols, TimeProvider clock)
    : IChannelSender
{
    private readonly Dictionary<PartnerProtocol, IPartnerProtocol> _protocols = protocols.ToDictionary(protocol =>
        protocol.Protocol
    );

    /// <inheritdoc/>
    public ChannelKind Kind => ChannelKind.Partner;

    /// <inheritdoc/>
    public string Preview(SendOrder order) => Of(order.Channel).Preview(order);

    /// <inheritdoc/>
    public async Task<SendOutcome> SendAsync(SendOrder order, CancellationToken cancellation)
    {
        var (act, protocol) = (order.Delivery.Act, Of(order.Channel));
        if (act is DeliveryAct.Update or DeliveryAct.Withdraw && order.Before?.ReceivedAddress is null)
            return SendOutcome.NotNeeded("The partner did not say where it published the post.");
        if (
            act == DeliveryAct.Publish
            && order.IsRepeat
            && await protocol.FindAsync(order, cancellation) is var look
            && (look.Known ?? look.Unsure) is { } told
        )
            return told;
        var answer = await protocol.SendAsync(order, cancellation);
        // A post that is not there any more needs no deleting.
        if (act == DeliveryAct.Withdraw && answer.Status is 404 or 410)
            return SendOutcome.Taken("It was gone already.");
        return Answers.Of(answer, clock.GetUtcNow(), taken => protocol.Taken(order, taken));
    }

    /// <inheritdoc/>
    public async Task<SendOutcome> TestAsync(Channel channel, CancellationToken cancellation)
    {
        var asked = await Of(channel).AskAsync(channel, cancellation);
        // A page answers everything; what it offers is looked for, so that the address of the partner's site is enough.
        if (await OfferAsync(channel, cancellation) is { } offer)
            return SendOutcome.Refused("Posts are taken at another address of this site.") with { Offer = offer };
        return Answers.Of(asked, clock.GetUtcNow(), taken =>
            Of(channel).IsSpokenBy(taken)
                ? SendOutcome.Taken("Connected.")
                : SendOutcome.Refused(
                    "The server answered but does not accept posts with this protocol. Enter another address, or choose the other protocol."
                )
        );
    }

    private async Task<PartnerOffer?> OfferAsync(Channel channel, CancellationToken cancellation)
    {
        var given = new Uri(channel.Settings.Address);
        var offer = await OfferAsync(given, cancellation);
        // A page leads to a document of services, which leads to where entries are taken.
        if (offer?.Protocol == PartnerProtocol.AtomPub && await OfferAsync(offer.Address, cancellation) is { } further)
            offer = further;
        return offer?.Address.AbsoluteUri == given.AbsoluteUri ? null : offer;
    }

    private async Task<PartnerOffer?> OfferAsync(Uri address, CancellationToken cancellation)
    {
        var answer = await client.GetAsync(address, cancellation: cancellation);
        if (answer.ContentType?.Contains("html", StringComparison.OrdinalIgnoreCase) == true)
            answer = answer.WithPage(cancellation);
        return answer.Problem is null
            ? PartnerOffer.Of(answer.Headers.Links, answer.Bytes, answer.Page, answer.Address)
            : null;
    }

    private IPartnerProtocol Of(Channel channel) => _protocols[channel.Settings.Protocol];
}
