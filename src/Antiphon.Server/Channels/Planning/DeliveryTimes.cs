using Antiphon.Core.Channels;
using Antiphon.Core.Time;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels.Planning;

/// <summary>When something goes to a channel.</summary>
internal sealed class DeliveryTimes(AntiphonContext database, TimeProvider clock)
{
    /// <summary>When a post goes: as was wished for it, else as the channel says.</summary>
    public async Task<DateTimeOffset> OfAsync(
        Channel channel,
        Post post,
        PostChannelOptions? wish,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var from = post.PublishedAt is { } published && published > now ? published : now;
        if (WallTime.Read(wish?.At, post.Blog.Site.TimeZone) is { } wished)
            return wished.Instant > from ? wished.Instant : from;
        return channel.Kind is ChannelKind.Social or ChannelKind.Partner
            ? await NextAsync(channel, post.Blog.Site, from, cancellation)
            : from;
    }

    /// <summary>The channel's next free time.</summary>
    public async Task<DateTimeOffset> NextAsync(
        Channel channel,
        Site site,
        DateTimeOffset from,
        CancellationToken cancellation
    )
    {
        var zone = TimeZoneInfo.TryFindSystemTimeZoneById(site.TimeZone, out var found) ? found : TimeZoneInfo.Utc;
        var since = from.AddMinutes(-channel.Settings.Timing.SpacingMinutes);
        var taken = await database
            .ChannelDeliveries.Where(delivery =>
                delivery.ChannelId == channel.Id
                && delivery.Act == DeliveryAct.Publish
                && delivery.PlannedFor > since
                && delivery.State != DeliveryState.Cancelled
                && delivery.State != DeliveryState.Failed
            )
            .Select(delivery => delivery.PlannedFor)
            .ToListAsync(cancellation);
        taken.AddRange(
            database
                .ChannelDeliveries.Local.Where(delivery => delivery.ChannelId == channel.Id && delivery.Id == 0)
                .Select(delivery => delivery.PlannedFor)
        );
        return channel.Settings.Timing.Next(channel.Settings.When, from, taken, zone);
    }
}
