using System.Net.Http.Headers;
using System.Text;
using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Data.Channels;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Posts.Reading;

namespace Antiphon.Server.Channels.Sending.Partners;

/// <summary>
/// Speaks the Atom Publishing Protocol (RFC 5023). What is sent is ours to replace, so changes are put without asking
/// first what stands there.
/// </summary>
internal sealed class AtomPubPartner(GuardedClient client, ChannelSecrets secrets, TimeProvider clock)
    : IPartnerProtocol
{
    private const string EntryType = "application/atom+xml";

    /// <inheritdoc/>
    public PartnerProtocol Protocol => PartnerProtocol.AtomPub;

    /// <inheritdoc/>
    public string Preview(SendOrder order) =>
        order.Delivery.Act == DeliveryAct.Withdraw
            ? $"DELETE {EditOf(order)}"
            : Encoding.UTF8.GetString(EntryOf(order));

    /// <inheritdoc/>
    public Task<Fetched> SendAsync(SendOrder order, CancellationToken cancellation)
    {
        var (address, method) = order.Delivery.Act switch
        {
            DeliveryAct.Update => (EditOf(order), HttpMethod.Put),
            DeliveryAct.Withdraw => (EditOf(order), HttpMethod.Delete),
            _ => (order.Channel.Settings.Address, HttpMethod.Post),
        };
        return client.SendAnyAsync(
            new Uri(address),
            to =>
                Request(
                    method,
                    to,
                    order.Channel,
                    method == HttpMethod.Delete ? null : EntryOf(order),
                    method == HttpMethod.Post ? order.Post!.Slug : null
                ),
            cancellation,
            new Uri(order.Channel.Settings.Address)
        );
    }

    /// <inheritdoc/>
    public SendOutcome Taken(SendOrder order, Fetched answer)
    {
        if (order.Delivery.Act != DeliveryAct.Publish)
            return SendOutcome.Taken($"{answer.Status}: taken", order.Before?.ReceivedAddress) with
            {
                EditAddress = order.Before?.EditAddress,
            };
        // Location names where the entry is changed (9.2); where people read it the entry itself says, if the partner
        // shows it.
        var (made, member) = (Answers.MadeAt(answer), MemberEntry.Read(answer.Bytes, answer.Address));
        var edit = made ?? member?.Edit;
        return SendOutcome.Taken($"{answer.Status}: taken", member?.Page ?? edit) with { EditAddress = edit };
    }

    /// <inheritdoc/>
    public Task<Fetched> AskAsync(Channel channel, CancellationToken cancellation) =>
        client.SendAnyAsync(
            new Uri(channel.Settings.Address),
            to => Request(HttpMethod.Get, to, channel, null),
            cancellation
        );

    /// <inheritdoc/>
    public bool IsSpokenBy(Fetched answer) => CollectionPage.Read(answer.Bytes, answer.Address) is not null;

    /// <inheritdoc/>
    public Task<PartnerLook> FindAsync(SendOrder order, CancellationToken cancellation) =>
        PartnerLook.ThroughAsync<Uri>(async next =>
        {
            var answer = await client.SendAnyAsync(
                next ?? new Uri(order.Channel.Settings.Address),
                to => Request(HttpMethod.Get, to, order.Channel, null),
                cancellation,
                new Uri(order.Channel.Settings.Address)
            );
            if (answer.Problem is not null)
                return (PartnerLook.Without(answer, clock.GetUtcNow()), null);
            var page = CollectionPage.Read(answer.Bytes, answer.Address);
            var found = page?.Find(PostAddresses.StableId(order.Post!), order.Facts!.Link);
            return (found is null ? null : PartnerLook.Found(found.Page ?? found.Edit, found.Edit), page?.Next);
        });

    private static string EditOf(SendOrder order) => order.Before!.EditAddress ?? order.Before.ReceivedAddress!;

    private static byte[] EntryOf(SendOrder order)
    {
        var (post, facts) = (order.Post!, order.Facts!);
        var item = new FeedItem
        {
            Id = PostAddresses.StableId(post),
            Title = facts.Title,
            Published = post.PublishedAt,
            Updated = post.UpdatedAt,
            Summary = facts.Excerpt,
            ContentHtml = PartnerText.Html(order),
        };
        // An entry that stands alone needs an author (RFC 4287, 4.1.2); without one it is signed by the site.
        item.Authors.Add(new FeedPerson(facts.Author ?? facts.Site, null, null));
        item.Categories.AddRange(post.AllCategories.Concat(post.Tags).Distinct());
        if (order.Channel.Settings.WithPicture && post.PictureAddress is { } picture)
            item.Enclosures.Add(new FeedEnclosure(picture, MediaTypes.OfAddress(picture), null));
        return AtomWriter.WriteEntry(item, ("canonical", facts.Link));
    }

    private HttpRequestMessage Request(HttpMethod method, Uri to, Channel channel, byte[]? entry, string? slug = null)
    {
        var request = new HttpRequestMessage(method, to);
        Answers.Authorize(request, secrets.Of(channel), channel.Settings.Account);
        if (entry is null)
            return request;
        request.Content = new ByteArrayContent(entry)
        {
            Headers =
            {
                ContentType = new MediaTypeHeaderValue(EntryType, "utf-8")
                {
                    Parameters = { new NameValueHeaderValue("type", "entry") },
                },
            },
        };
        // A wish for the address, in percent-encoded UTF-8 (9.7).
        if (slug is { Length: > 0 })
            request.Headers.TryAddWithoutValidation("Slug", Uri.EscapeDataString(slug));
        return request;
    }
}
