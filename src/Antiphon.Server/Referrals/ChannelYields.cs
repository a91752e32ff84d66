using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;
using Antiphon.Core.Referrals;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Referrals;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Referrals;

/// <summary>
/// What each channel brought in a time: what went out, how often that was seen, who came, and what was answered. What
/// is not counted is null, never zero.
/// </summary>
internal sealed class ChannelYields(AntiphonContext database)
{
    /// <summary>What the digests of a site brought since a moment.</summary>
    public async Task<IReadOnlyList<DigestYield>> OfMailAsync(
        long site,
        DateTimeOffset since,
        CancellationToken cancellation
    )
    {
        var digests = await database
            .Digests.AsNoTracking()
            .Where(digest => digest.SiteId == site && digest.ArchivedAt == null)
            .OrderBy(digest => digest.Id)
            .Select(digest => new
            {
                digest.Id,
                digest.Name,
                digest.Settings,
            })
            .ToListAsync(cancellation);
        var sent = await database
            .Editions.Where(edition => edition.SiteId == site && edition.DueAt >= since)
            .GroupBy(edition => edition.DigestId)
            .Select(group => new
            {
                group.Key,
                Delivered = group.Sum(edition => edition.Delivered),
                Opens = group.Sum(edition => edition.Opens),
            })
            .ToDictionaryAsync(row => row.Key, cancellation);
        var clicks = await database
            .EditionLinks.Where(link => link.Edition.SiteId == site && link.Edition.DueAt >= since)
            .GroupBy(link => link.Edition.DigestId)
            .Select(group => new { group.Key, Clicks = group.Sum(link => link.Clicks) })
            .ToDictionaryAsync(row => row.Key, row => row.Clicks, cancellation);
        return digests.ConvertAll(row => new DigestYield(
            row.Id,
            row.Name,
            sent.GetValueOrDefault(row.Id)?.Delivered ?? 0,
            row.Settings.CountsOpens ? sent.GetValueOrDefault(row.Id)?.Opens ?? 0 : null,
            row.Settings.CountsClicks ? clicks.GetValueOrDefault(row.Id) : null
        ));
    }

    /// <summary>What the networks and partners of a site brought since a moment.</summary>
    /// <param name="site">The site.</param>
    /// <param name="since">The moment.</param>
    /// <param name="counts">Readers since then.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<IReadOnlyList<ChannelYield>> OfChannelsAsync(
        long site,
        DateTimeOffset since,
        IQueryable<ArrivalCount> counts,
        CancellationToken cancellation
    )
    {
        var readers = (
            await counts
                .GroupBy(count => new { count.Kind, count.Source })
                .Select(group => new
                {
                    group.Key.Kind,
                    group.Key.Source,
                    Count = group.Sum(count => count.Count),
                })
                .ToListAsync(cancellation)
        ).ToDictionary(row => new ArrivalSource(row.Kind, row.Source), row => row.Count);
        var channels = await database
            .Channels.AsNoTracking()
            .Where(channel =>
                channel.SiteId == site
                && channel.ArchivedAt == null
                && (channel.Kind == ChannelKind.Social || channel.Kind == ChannelKind.Partner)
            )
            .OrderBy(channel => channel.Id)
            .ToListAsync(cancellation);
        var delivered = (
            await database
                .ChannelDeliveries.Where(delivery =>
                    delivery.SiteId == site
                    && delivery.Act == DeliveryAct.Publish
                    && delivery.State == DeliveryState.Delivered
                    && delivery.PlannedFor >= since
                )
                .Select(delivery => new { delivery.ChannelId, delivery.Counts })
                .ToListAsync(cancellation)
        ).ToLookup(row => row.ChannelId, row => row.Counts);
        return channels.ConvertAll(channel => new ChannelYield(
            channel.Id,
            channel.Kind,
            channel.Name,
            delivered[channel.Id].Count(),
            Came(channel, readers),
            channel.Kind == ChannelKind.Social ? Sum(delivered[channel.Id]) : null
        ));
    }

    // Readers of a network are told by its links where they name a source, those of a partner by its pages.
    private static int? Came(Channel channel, Dictionary<ArrivalSource, int> readers)
    {
        var source =
            channel.Kind == ChannelKind.Social
                ? ArrivalSource.Of(channel.Settings.CampaignSource, null, [])
                : ArrivalSource.Of(null, channel.Settings.Address, []);
        return source is null || source == ArrivalSource.Direct ? null : readers.GetValueOrDefault(source);
    }

    private static NetworkCounts Sum(IEnumerable<NetworkCounts?> counts) =>
        counts
            .OfType<NetworkCounts>()
            .Aggregate(new NetworkCounts(0, 0, 0), (sum, one) =>
                new NetworkCounts(sum.Answers + one.Answers, sum.Likes + one.Likes, sum.PassedOn + one.PassedOn)
            );
}

/// <summary>What a digest brought.</summary>
/// <param name="Delivered">Mails that were taken.</param>
/// <param name="Opened">How often one was opened; null where that is not counted.</param>
/// <param name="Came">How often a link of one was followed; null where that is not counted.</param>
internal sealed record DigestYield(long Id, string Name, int Delivered, int? Opened, int? Came);

/// <summary>What a network or a partner brought.</summary>
/// <param name="Delivered">Posts that were taken.</param>
/// <param name="Came">Readers who came from there; null where nothing tells them.</param>
/// <param name="Answered">What was answered at a network; null for partners.</param>
internal sealed record ChannelYield(
    long Id,
    ChannelKind Kind,
    string Name,
    int Delivered,
    int? Came,
    NetworkCounts? Answered
);
