using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Channels.Composing.Checking;
using Antiphon.Core.Pictures;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Channels.Sending.Partners;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Planning;

/// <summary>What every channel of a site makes of a post.</summary>
internal sealed class PostPreviews(
    AntiphonContext database,
    PostFactsReader facts,
    ChannelTargets targets,
    DeliveryTimes times,
    TextTurns turns,
    BrokenLinks links,
    IEnumerable<IChannelSender> senders
)
{
    /// <summary>The previews, one for each channel.</summary>
    /// <param name="post">The post, with its blog and site.</param>
    /// <param name="opensLinks">Whether the links of the texts are opened, which takes its time.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<IReadOnlyList<ChannelPreview>> OfAsync(Post post, bool opensLinks, CancellationToken cancellation)
    {
        var channels = await database
            .Channels.AsNoTracking()
            .Where(row => row.SiteId == post.SiteId && row.ArchivedAt == null)
            .OrderBy(row => row.Id)
            .ToListAsync(cancellation);
        var known = await database
            .ChannelDeliveries.AsNoTracking()
            .Where(delivery => delivery.PostId == post.Id && delivery.Act == DeliveryAct.Publish)
            .ToListAsync(cancellation);
        var said = new List<Said>();
        foreach (var channel in channels)
            said.Add(
                await SayAsync(
                    post,
                    channel,
                    known.Where(delivery => delivery.ChannelId == channel.Id).MaxBy(delivery => delivery.Id),
                    cancellation
                )
            );
        // Before it is public the post itself cannot be opened, and that is no fault.
        var addresses = opensLinks
            ? said.SelectMany(preview => CountRule.Links(preview.Composed?.Text ?? string.Empty))
                .Where(link =>
                    post.Status == PostStatus.Published || !said.Exists(preview => preview.Facts.Link == link)
                )
            : [];
        var broken = await links.AmongAsync(addresses, cancellation);
        var picture = await PictureAsync(post, cancellation);
        var previews = new List<ChannelPreview>();
        foreach (var one in said)
            previews.Add(await ViewAsync(post, one, picture, broken, cancellation));
        return previews;
    }

    private async Task<Said> SayAsync(
        Post post,
        Channel channel,
        ChannelDelivery? known,
        CancellationToken cancellation
    )
    {
        var wish = post.Details.Channels?.FirstOrDefault(channelWish => channelWish.Channel == channel.Id);
        var turn = known?.Turn ?? wish?.Turn ?? await turns.NextAsync(channel, cancellation);
        var (own, of) = (known?.OwnText ?? wish?.Text, facts.Of(post, channel.Settings, channel.Kind));
        return new Said(
            channel,
            known,
            wish,
            turn,
            own,
            of,
            channel.Kind == ChannelKind.Social ? SocialSender.Compose(channel.Settings, turn, own, of) : null
        );
    }

    private async Task<ChannelPreview> ViewAsync(
        Post post,
        Said one,
        ChannelPicture? picture,
        IReadOnlyList<(string Address, string Problem)> broken,
        CancellationToken cancellation
    )
    {
        var (channel, known, settings) = (one.Channel, one.Known, one.Channel.Settings);
        var places = targets.Of(post, channel);
        var order = new SendOrder(
            new ChannelDelivery
            {
                Channel = channel,
                Act = DeliveryAct.Publish,
                Target = string.Join('\n', places),
                OwnText = one.OwnText,
                Turn = one.Turn,
                CreatedAt = post.UpdatedAt,
            },
            post,
            one.Facts,
            null
        );
        var text = one.Composed?.Text ?? senders.Single(sender => sender.Kind == channel.Kind).Preview(order);
        var shows = settings.WithPicture && channel.Kind is ChannelKind.Social or ChannelKind.Partner;
        return new ChannelPreview(
            channel.Id,
            channel.Kind,
            channel.Name,
            settings.Choice.Refusal(ChannelTargets.Of(post)),
            one.Wish,
            text,
            one.Composed?.Count,
            one.Composed is null ? null : settings.Count.Limit,
            one.Composed?.Shortened ?? [],
            known is null && post.Status != PostStatus.Withdrawn
                ? await times.OfAsync(channel, post, one.Wish, cancellation)
                : known?.DeliveredAt ?? known?.PlannedFor,
            [
                .. ChannelCheck
                    .Run(DraftOf(post, one, picture, places.Count, broken))
                    .Select(found => $"{TeamTexts.Say(found.Message)} {TeamTexts.Say(found.Rule.Fix)}"),
            ],
            known is null ? null : new PlannedDelivery(known.Id, known.State),
            one.Turn,
            settings.Variants.Count + 1,
            shows ? post.PictureAddress : null,
            shows ? post.PictureAlt : null,
            channel.Kind == ChannelKind.Partner ? PartnerText.Html(order) : null,
            one.Wish?.Text is { } wished && TextTemplate.Read(wished).Problem is { } problem
                ? TeamTexts.Say(problem)
                : null
        );
    }

    private static ChannelDraft DraftOf(
        Post post,
        Said one,
        ChannelPicture? picture,
        int places,
        IReadOnlyList<(string Address, string Problem)> broken
    )
    {
        return new ChannelDraft(
            one.Channel.Kind,
            one.Composed,
            picture,
            one.Channel.Settings.WithPicture,
            (post.Details.SocialPicture ?? post.PictureAddress) is not null
        )
        {
            IsPaused = one.Channel.PausedAt is not null,
            Places = places,
            BrokenLinks =
            [
                .. broken.Where(link =>
                    one.Composed is { } composed && CountRule.Links(composed.Text).Contains(link.Address)
                ),
            ],
        };
    }

    // Of a picture that stands elsewhere the size is not known.
    private async Task<ChannelPicture?> PictureAsync(Post post, CancellationToken cancellation)
    {
        if (post.PictureAddress is not { } address)
            return null;
        var size = PictureAddress.Parse(address) is { } ours
            ? await database
                .Pictures.Where(picture => picture.SiteId == post.SiteId && picture.Key == ours.Key)
                .Select(picture => new { picture.Width, picture.Height })
                .FirstOrDefaultAsync(cancellation)
            : null;
        return new ChannelPicture(post.PictureAlt, size?.Width, size?.Height);
    }

    private sealed record Said(
        Channel Channel,
        ChannelDelivery? Known,
        PostChannelOptions? Wish,
        int Turn,
        string? OwnText,
        PostFacts Facts,
        ComposedText? Composed
    );
}
