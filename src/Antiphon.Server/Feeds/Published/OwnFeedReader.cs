using Antiphon.Core.Channels;
using Antiphon.Core.Feeds.Model;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Server.Platform;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Published;

/// <summary>Finds a feed of ours by its address.</summary>
internal sealed class OwnFeedReader(
    AntiphonContext database,
    BlogFeed blogs,
    ListingFeed listings,
    CommentFeed comments,
    IOptions<AntiphonOptions> options
)
{
    /// <summary>The feed, or null when there is none at the address.</summary>
    public async Task<FoundFeed?> ReadAsync(FeedAsked asked, CancellationToken cancellation)
    {
        if (await SubjectAsync(asked, cancellation) is not { } subject)
            return null;
        var settings = await database
            .FeedSettings.AsNoTracking()
            .FirstOrDefaultAsync(
                feedSettings =>
                    feedSettings.SiteId == subject.Site
                    && feedSettings.Subject == asked.Subject
                    && feedSettings.SubjectId == subject.Id,
                cancellation
            )
            ?? new FeedSettings
            {
                SiteId = subject.Site,
                Subject = asked.Subject,
                SubjectId = subject.Id,
            };
        if (settings.RedirectTo is not null || !asked.Form.IsOn(settings))
            return new FoundFeed(new Feed(), settings);
        var feed = asked.Subject switch
        {
            FeedSubject.Listing => await listings.ReadAsync(subject.Id, settings, cancellation),
            FeedSubject.Comments => await comments.ReadAsync(subject.Site, asked.Post, settings, cancellation),
            _ => await blogs.ReadAsync(subject.Id, asked, settings, cancellation),
        };
        if (feed is null)
            return null;
        feed.FeedLink = options.Value.AddressOf(asked.Path);
        feed.Hubs.AddRange(await HubsAsync(asked, subject, cancellation));
        return new FoundFeed(feed, settings);
    }

    // Only what a hub is told of may be asked for there: the whole feed of a blog, not a part of it (WebSub, 4).
    private async Task<IEnumerable<string>> HubsAsync(
        FeedAsked asked,
        FeedOwner subject,
        CancellationToken cancellation
    )
    {
        if (
            asked.Subject != FeedSubject.Blog
            || asked.Archive is not null
            || asked.Path.Contains('?', StringComparison.Ordinal)
        )
            return [];
        var hubs = await database
            .Channels.AsNoTracking()
            .Where(channel =>
                channel.SiteId == subject.Site && channel.Kind == ChannelKind.Hub && channel.ArchivedAt == null
            )
            .OrderBy(channel => channel.Id)
            .ToListAsync(cancellation);
        return hubs.Where(channel =>
                channel.Settings.Choice.Blogs.Count == 0 || channel.Settings.Choice.Blogs.Contains(subject.Id)
            )
            .Select(channel => channel.Settings.Address)
            .Append(options.Value.AddressOf(OwnHubAddress.Path))
            .Distinct();
    }

    private async Task<FeedOwner?> SubjectAsync(FeedAsked asked, CancellationToken cancellation) =>
        asked.Subject switch
        {
            FeedSubject.Listing => await database
                .Listings.Where(listing => listing.Key == asked.Key && listing.ArchivedAt == null)
                .Select(listing => new FeedOwner(listing.SiteId, listing.Id))
                .FirstOrDefaultAsync(cancellation),
            FeedSubject.Comments => await database
                .Sites.Where(row => row.PublicKey == asked.Key)
                .Select(row => new FeedOwner(row.Id, 0))
                .FirstOrDefaultAsync(cancellation),
            _ => await database
                .Blogs.Where(blog => blog.Key == asked.Key)
                .Select(blog => new FeedOwner(blog.SiteId, blog.Id))
                .FirstOrDefaultAsync(cancellation),
        };

    private sealed record FeedOwner(long Site, long Id);
}
