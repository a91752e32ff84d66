using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;
using Antiphon.Core.Channels.Timing;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Channels;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>Channels of the scenario with what went out over the last weeks and what is to come.</summary>
internal sealed class DemoChannels(
    AntiphonContext database,
    ChannelSecrets secrets,
    IKeySource keys,
    string world,
    DateTimeOffset now
)
{
    private const int PostsSent = 9;

    /// <summary>Adds five channels and their history.</summary>
    public async Task AddAsync(Site site)
    {
        var lantern = Make(site, ChannelKind.Social, "Lantern", "lantern/api/posts", "lantern-token", settings =>
            settings with
            {
                When = ChannelWhen.NextSlot,
                Timing = Evenings,
                CampaignSource = "lantern",
                Pace = new ChannelPace(30, 60),
                Variants =
                [
                    "{if category}{category}: {end}{title}\n\n{link}\n\n{tags}",
                    "From {blog}, {date}: {title}. {excerpt}\n\n{link}",
                ],
            }
        );
        var parish = Make(
            site,
            ChannelKind.Partner,
            "Fellside Parish Paper",
            "parish/micropub",
            "parish-token",
            settings => settings with { When = ChannelWhen.AfterApproval, Extent = BodyExtent.Excerpt }
        );
        var bell = Make(site, ChannelKind.Webhook, "The bell at the gate", "bell/", "bell-secret", settings =>
            settings
        );
        var hub = Make(site, ChannelKind.Hub, "County hub", "hub", null, settings => settings);
        Make(site, ChannelKind.Pings, "Pages we link to", string.Empty, null, settings => settings);
        await database.SaveChangesAsync();
        var posts = await database
            .Posts.Where(post =>
                post.SiteId == site.Id && post.Status == PostStatus.Published && post.SourceAddress == null
            )
            .OrderByDescending(post => post.PublishedAt)
            .Take(PostsSent + 3)
            .ToListAsync();
        foreach (var (post, number) in posts.Take(PostsSent).Select((post, number) => (post, number)))
            AddSent(new DemoReceivers(lantern, parish, bell, hub), post, number);
        Coming(parish, posts[0], now.AddMinutes(-40), HoldReason.Approval);
        AddComing(site, lantern, posts.Skip(PostsSent));
        await database.SaveChangesAsync();
        // What the scenario was filled with is no news to anybody.
        await database.PostChanges.ExecuteDeleteAsync();
    }

    private static readonly ChannelTiming Evenings = new(
        Slots:
        [
            new Slot(DayOfWeek.Monday, new TimeOnly(18, 0)),
            new Slot(DayOfWeek.Wednesday, new TimeOnly(18, 0)),
            new Slot(DayOfWeek.Friday, new TimeOnly(18, 0)),
        ]
    );

    private sealed record DemoReceivers(Channel Network, Channel Partner, Channel Hook, Channel Hub);

    // A history in which nearly everything arrived.
    private void AddSent(DemoReceivers to, Post post, int number)
    {
        var at = post.PublishedAt!.Value.AddSeconds(3);
        var brought = new NetworkCounts(number % 4, 3 + (7 * number % 11), number % 3);
        Sent(
            to.Network,
            post,
            at.AddHours(2),
            number == 2 ? (DeliveryState.Failed, "422: We do not take this.") : (DeliveryState.Delivered, "201: taken"),
            post.Title,
            counts: number == 2 ? null : brought
        );
        Sent(
            to.Partner,
            post,
            at.AddHours(5),
            number == 4 ? (DeliveryState.Cancelled, "Cancelled by the team.") : (DeliveryState.Delivered, "201: taken"),
            post.Title,
            tried: number == 3 ? 3 : 1
        );
        Sent(to.Hook, post, at, (DeliveryState.Delivered, "204: taken"), "{\n  \"event\": \"post.published\"\n}");
        Sent(to.Hub, post, at, (DeliveryState.Delivered, "204: the hub passes it on"), "hub.mode=publish");
    }

    private void AddComing(Site site, Channel network, IEnumerable<Post> posts)
    {
        var taken = new List<DateTimeOffset>();
        foreach (var post in posts)
        {
            taken.Add(
                Evenings.Next(ChannelWhen.NextSlot, now, taken, TimeZoneInfo.FindSystemTimeZoneById(site.TimeZone))
            );
            Coming(network, post, taken[^1], null, turn: taken.Count % 3);
        }
    }

    private Channel Make(
        Site site,
        ChannelKind kind,
        string name,
        string path,
        string? secret,
        Func<ChannelSettings, ChannelSettings> change
    )
    {
        var settings = change(
            new ChannelSettings(
                kind == ChannelKind.Pings ? string.Empty : world + path,
                ChannelChoice.Everything,
                ChannelWhen.AtOnce,
                ChannelTiming.Always,
                ChannelSettings.UsualTemplate
            )
        );
        var channel = new Channel
        {
            Site = site,
            Kind = kind,
            Name = name,
            Settings = settings,
            CreatedAt = now.AddDays(-200),
        };
        if (secret is not null)
            secrets.Set(channel, secret, keepsBefore: false);
        database.Channels.Add(channel);
        return channel;
    }

    private void Sent(
        Channel channel,
        Post post,
        DateTimeOffset at,
        (DeliveryState State, string Answer) end,
        string text,
        int tried = 1,
        NetworkCounts? counts = null
    )
    {
        if (at > now)
            return;
        var delivery = New(channel, post, at);
        (delivery.State, delivery.Answer, delivery.Attempts, delivery.Sent) = (end.State, end.Answer, tried, text);
        (delivery.Counts, delivery.CountedAt) = (counts, counts is null ? null : now.AddMinutes(-12));
        delivery.DeliveredAt = end.State == DeliveryState.Delivered ? at.AddSeconds(1) : null;
        for (var attempt = 1; attempt < tried; attempt++)
            delivery.Tried.Add(
                new ChannelAttempt
                {
                    At = at.AddMinutes(attempt - tried),
                    Milliseconds = 15_000,
                    Outcome = SendOutcomeKind.Passing,
                    Answer = "The site did not answer in full within 15 seconds. Try again later.",
                }
            );
        if (end.State != DeliveryState.Cancelled)
            delivery.Tried.Add(
                new ChannelAttempt
                {
                    At = at,
                    Milliseconds = 90 + (10 * (int)(post.Id % 12)),
                    Outcome = end.State == DeliveryState.Delivered ? SendOutcomeKind.Taken : SendOutcomeKind.Refused,
                    Answer = end.Answer,
                }
            );
    }

    private void Coming(Channel channel, Post post, DateTimeOffset at, HoldReason? held, int turn = 0)
    {
        var delivery = New(channel, post, at);
        (delivery.State, delivery.Held, delivery.Round, delivery.Turn) = (
            DeliveryState.Queued,
            held,
            held is null ? 0 : 1,
            turn
        );
    }

    private ChannelDelivery New(Channel channel, Post post, DateTimeOffset at) =>
        database
            .ChannelDeliveries.Add(
                new ChannelDelivery
                {
                    Key = keys.NewKey(24),
                    SiteId = post.SiteId,
                    Channel = channel,
                    PostId = post.Id,
                    Act = DeliveryAct.Publish,
                    PlannedFor = at,
                    NextAttemptAt = at,
                    CreatedAt = at < now ? at : now,
                }
            )
            .Entity;
}
