using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Feeds.Model;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Data.Posts;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Partners;

/// <summary>Makes the feed of a partner.</summary>
internal sealed class PartnerFeedReader(
    AntiphonContext database,
    PostItems items,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    private const int Entries = 30;
    private const int MostRead = 1000;

    /// <summary>The address of a partner's feed in a form.</summary>
    public string AddressOf(string key, FeedForm form) => options.Value.AddressOf($"feeds/partners/{key}{form.Suffix}");

    /// <summary>The feed, its site loaded; its links name the partner as their source.</summary>
    public async Task<Feed> ReadAsync(PartnerFeed partner, FeedForm form, CancellationToken cancellation)
    {
        var posts = await ChosenAsync(partner, cancellation);
        var settings = new FeedSettings { IsFullText = partner.IsFullText, Entries = Entries };
        var feed = FeedHead.Of(
            partner.Site,
            settings,
            $"{partner.CreatedAt:yyyy-MM-dd}:partner:{partner.Key}",
            partner.Site.Name,
            null
        );
        feed.Link = partner.Site.Address;
        feed.FeedLink = AddressOf(partner.Key, form);
        feed.Updated = PostItems.Updated(posts, partner.CreatedAt);
        feed.Items.AddRange(await items.OfAsync(posts, settings, cancellation));
        // The identifier stays that of the post, so that whoever reads both feeds knows it again.
        foreach (var item in feed.Items.Where(item => item.Link is not null))
            item.Link = CampaignLink.Of(item.Link!, partner.Source, "feed", string.Empty);
        return feed;
    }

    // The choice is no query; the latest are read until there are enough.
    private async Task<List<Post>> ChosenAsync(PartnerFeed partner, CancellationToken cancellation)
    {
        var (now, chosen) = (clock.GetUtcNow(), new List<Post>());
        var latest = database
            .Posts.AsNoTracking()
            .Include(post => post.Blog.Site)
            .Include(post => post.Blog.Following)
            .PublicAt(now)
            .Where(post => post.SiteId == partner.SiteId)
            .OrderByDescending(post => post.PublishedAt)
            .ThenByDescending(post => post.Id)
            .Take(MostRead);
        await foreach (var post in latest.AsAsyncEnumerable().WithCancellation(cancellation))
        {
            if (partner.Choice.Refusal(ChannelTargets.Of(post)) is null)
                chosen.Add(post);
            if (chosen.Count == Entries)
                break;
        }

        return chosen;
    }
}
