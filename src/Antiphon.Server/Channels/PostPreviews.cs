using Antiphon.Core.Posts;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Core.Syndication.Composing;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels;

/// <summary>What every channel of a site makes of a post.</summary>
internal sealed class PostPreviews(AntiphonContext database, PostFactsReader facts, ChannelTargets targets, DeliveryTimes times, IEnumerable<IChannelSender> senders)
{
    /// <summary>The previews, one for each channel.</summary>
    public async Task<IReadOnlyList<ChannelPreview>> OfAsync(Post post, CancellationToken cancellation)
    {
        var channels = await database.Channels.AsNoTracking().Where(one => one.SiteId == post.SiteId && one.ArchivedAt == null).OrderBy(one => one.Id).ToListAsync(cancellation);
        var known = await database.ChannelDeliveries.AsNoTracking().Where(one => one.PostId == post.Id && one.Act == DeliveryAct.Publish).ToListAsync(cancellation);
        var previews = new List<ChannelPreview>();
        foreach (var channel in channels) previews.Add(await OfAsync(post, channel, known.Where(one => one.ChannelId == channel.Id).MaxBy(one => one.Id), cancellation));
        return previews;
    }

    private async Task<ChannelPreview> OfAsync(Post post, Channel channel, ChannelDelivery? known, CancellationToken cancellation)
    {
        var wish = post.Details.Channels?.FirstOrDefault(one => one.Channel == channel.Id);
        var said = facts.Of(post, channel.Settings, channel.Kind);
        var composed = channel.Kind == ChannelKind.Social ? SocialSender.Compose(channel.Settings, known?.OwnText ?? wish?.Text, said) : null;
        var places = targets.Of(post, channel);
        var order = new SendOrder(new ChannelDelivery { Channel = channel, Act = DeliveryAct.Publish, Target = string.Join('\n', places), OwnText = known?.OwnText ?? wish?.Text, CreatedAt = post.UpdatedAt }, post, said, null);
        var text = composed?.Text ?? senders.Single(sender => sender.Kind == channel.Kind).Preview(order);
        return new ChannelPreview(
            channel.Id, channel.Kind, channel.Name, channel.Settings.Choice.Refusal(ChannelTargets.Of(post)), wish, text, composed?.Count, composed is null ? null : channel.Settings.Count.Limit, composed?.Shortened ?? [],
            known is null && post.Status != PostStatus.Withdrawn ? await times.OfAsync(channel, post, wish, cancellation) : known?.DeliveredAt ?? known?.PlannedFor, Findings(post, channel, composed, places), known is null ? null : new PlannedDelivery(known.Id, known.State));
    }

    private static IReadOnlyList<string> Findings(Post post, Channel channel, ComposedText? composed, IReadOnlyList<string> places)
    {
        var found = new List<string>();
        if (composed?.Left < 0) found.Add($"Too long by {-composed.Left}; it will not be sent.");
        var shows = channel.Settings.WithPicture && channel.Kind is ChannelKind.Social or ChannelKind.Partner;
        if (shows && post.PictureAddress is null) found.Add("The post has no picture.");
        if (shows && post.PictureAddress is not null && string.IsNullOrWhiteSpace(post.PictureAlt)) found.Add("The picture says nothing to those who do not see it.");
        if (channel.Kind == ChannelKind.Pings && places.Count == 0) found.Add("The post links to no page of others.");
        if (channel.PausedAt is not null) found.Add("The channel is paused; what is planned waits.");
        return found;
    }
}
