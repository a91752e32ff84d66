using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;
using Antiphon.Core.Referrals;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Referrals;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Referrals;

/// <summary>What each channel brought in a time: what went out, how often that was seen, who came, and what was answered. What is not counted is null, never zero.</summary>
internal sealed class ChannelYields(AntiphonContext database)
{
    /// <summary>What the digests of a site brought since a moment.</summary>
    public async Task<IReadOnlyList<DigestYield>> OfMailAsync(long site, DateTimeOffset since, CancellationToken cancellation)
    {
        var digests = await database.Digests.AsNoTracking().Where(one => one.SiteId == site && one.ArchivedAt == null).OrderBy(one => one.Id).Select(one => new { one.Id, one.Name, one.Settings }).ToListAsync(cancellation);
        var sent = await database.Editions.Where(one => one.SiteId == site && one.DueAt >= since).GroupBy(one => one.DigestId)
            .Select(group => new { group.Key, Delivered = group.Sum(one => one.Delivered), Opens = group.Sum(one => one.Opens) }).ToDictionaryAsync(one => one.Key, cancellation);
        var clicks = await database.EditionLinks.Where(one => one.Edition.SiteId == site && one.Edition.DueAt >= since).GroupBy(one => one.Edition.DigestId).Select(group => new { group.Key, Clicks = group.Sum(one => one.Clicks) }).ToDictionaryAsync(one => one.Key, one => one.Clicks, cancellation);
        return digests.ConvertAll(one => new DigestYield(
            one.Id, one.Name, sent.GetValueOrDefault(one.Id)?.Delivered ?? 0, one.Settings.CountsOpens ? sent.GetValueOrDefault(one.Id)?.Opens ?? 0 : null, one.Settings.CountsClicks ? clicks.GetValueOrDefault(one.Id) : null));
    }

    /// <summary>What the networks and partners of a site brought since a moment.</summary>
    /// <param name="site">The site.</param>
    /// <param name="since">The moment.</param>
    /// <param name="counts">Readers since then.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<IReadOnlyList<ChannelYield>> OfChannelsAsync(long site, DateTimeOffset since, IQueryable<ArrivalCount> counts, CancellationToken cancellation)
    {
        var readers = (await counts.GroupBy(one => new { one.Kind, one.Source }).Select(group => new { group.Key.Kind, group.Key.Source, Count = group.Sum(one => one.Count) }).ToListAsync(cancellation)).ToDictionary(one => new ArrivalSource(one.Kind, one.Source), one => one.Count);
        var channels = await database.Channels.AsNoTracking().Where(one => one.SiteId == site && one.ArchivedAt == null && (one.Kind == ChannelKind.Social || one.Kind == ChannelKind.Partner)).OrderBy(one => one.Id).ToListAsync(cancellation);
        var delivered = (await database.ChannelDeliveries.Where(one => one.SiteId == site && one.Act == DeliveryAct.Publish && one.State == DeliveryState.Delivered && one.PlannedFor >= since)
            .Select(one => new { one.ChannelId, one.Counts }).ToListAsync(cancellation)).ToLookup(one => one.ChannelId, one => one.Counts);
        return channels.ConvertAll(one => new ChannelYield(one.Id, one.Kind, one.Name, delivered[one.Id].Count(), Came(one, readers), one.Kind == ChannelKind.Social ? Sum(delivered[one.Id]) : null));
    }

    // Readers of a network are told by its links where they name a source, those of a partner by its pages.
    private static int? Came(Channel channel, Dictionary<ArrivalSource, int> readers)
    {
        var source = channel.Kind == ChannelKind.Social ? ArrivalSource.Of(channel.Settings.CampaignSource, null, []) : ArrivalSource.Of(null, channel.Settings.Address, []);
        return source is null || source == ArrivalSource.Direct ? null : readers.GetValueOrDefault(source);
    }

    private static NetworkCounts Sum(IEnumerable<NetworkCounts?> counts) => counts.OfType<NetworkCounts>().Aggregate(new NetworkCounts(0, 0, 0), (sum, one) => new NetworkCounts(sum.Answers + one.Answers, sum.Likes + one.Likes, sum.PassedOn + one.PassedOn));
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
internal sealed record ChannelYield(long Id, ChannelKind Kind, string Name, int Delivered, int? Came, NetworkCounts? Answered);
