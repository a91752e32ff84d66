using System.Globalization;
using Antiphon.Core.Channels;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Posts;
using Antiphon.Core.Referrals;
using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Antiphon.Data.Referrals;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>
/// Digests of the scenario, the segments they go to, the form readers come by, and what went out over the last weeks.
/// </summary>
internal sealed class DemoDigests(
    AntiphonContext database,
    IKeySource keys,
    PostAddresses addresses,
    DateTimeOffset now
)
{
    /// <summary>What readers of the form agree to.</summary>
    public const string Consent = "Send me what I chose by mail. I can stop it with one click.";

    private const int PostsMailed = 12;
    private const int Weeks = 6;
    private int _number;

    /// <summary>Adds everything; posts and subscribers are there.</summary>
    public async Task AddAsync(Site site)
    {
        var each = await database.Digests.FirstAsync(digest => digest.SiteId == site.Id);
        // Some days ahead, so that it does not go out while somebody looks around.
        var day = now.AddDays(3).DayOfWeek;
        var weekly = Weekly(site, day);
        weekly.NextAt = weekly.Settings.Rhythm.Next(now, TimeZoneInfo.FindSystemTimeZoneById(site.TimeZone));
        database.Digests.Add(weekly);
        var members = new Segment
        {
            SiteId = site.Id,
            Name = "Members by the paper list",
            Rule = new SegmentRule { Origins = [SubscriberOrigin.List] },
        };
        AddSegments(site, members);
        await database.SaveChangesAsync();
        database.Digests.Add(Monthly(site, members, weekly));
        await AddFormAsync(site, each, weekly);
        await AddEditionsAsync(site, each, weekly);
        await AddArrivalsAsync(site);
        AddPartnerFeed(site);
        await database.SaveChangesAsync();
    }

    private Digest Weekly(Site site, DayOfWeek day) =>
        new()
        {
            Site = site,
            Name = "The week at Quillmoor",
            CreatedAt = now.AddDays(-7 * (Weeks + 1)),
            IsUsual = false,
            Settings = new DigestSettings(
                new DigestRhythm(DigestEvery.Week, new TimeOnly(17, 0), day),
                ChannelChoice.Everything,
                DigestForm.Pictures,
                "{title}{if more} and {more} more{end}"
            )
            {
                SecondSubject = "The week over the moor, {date}",
                TrialShare = 50,
                Most = 4,
                Opening = "Good evening,\n\nhere is what we saw, built and measured this week.",
                Closing = "Quillmoor Observatory, Moor Road, Fellside. Open on Fridays from 19:00.",
            },
        };

    private Digest Monthly(Site site, Segment members, Digest weekly) =>
        new()
        {
            Site = site,
            Name = "For members, monthly",
            CreatedAt = now,
            Segment = members,
            Settings = weekly.Settings with
            {
                Rhythm = new DigestRhythm(DigestEvery.Month, new TimeOnly(9, 0), DayOfMonth: 1),
                SecondSubject = null,
                Form = DigestForm.Column,
                Least = 2,
            },
            PausedAt = now.AddDays(-3),
        };

    private void AddSegments(Site site, Segment members) =>
        database.Segments.AddRange(
            members,
            new Segment
            {
                SiteId = site.Id,
                Name = "Here for the events",
                Rule = new SegmentRule { Categories = ["Events"] },
            },
            new Segment
            {
                SiteId = site.Id,
                Name = "Silent for half a year",
                Rule = new SegmentRule { SilentFor = 180 },
            }
        );

    private void AddPartnerFeed(Site site) =>
        database.PartnerFeeds.Add(
            new PartnerFeed
            {
                SiteId = site.Id,
                Key = keys.NewKey(24),
                Name = "Fellside Walkers' Club",
                Choice = ChannelChoice.Everything with { Categories = ["Events"] },
                Source = "walkers",
                CreatedAt = now.AddDays(-80),
                Reads = 412,
                LastReadAt = now.AddHours(-2),
            }
        );

    // Four weeks of readers: most by mail on the days a post went out, some by the network, some by neighbours.
    private async Task AddArrivalsAsync(Site site)
    {
        var posts = await database
            .Posts.Where(post =>
                post.SiteId == site.Id && post.Status == PostStatus.Published && post.SourceAddress == null
            )
            .OrderByDescending(post => post.PublishedAt)
            .Take(6)
            .ToListAsync();
        (ArrivalKind Kind, string Source, int Most)[] sources =
        [
            (ArrivalKind.Link, "mail", 14),
            (ArrivalKind.Link, "lantern", 9),
            (ArrivalKind.Page, "fellside-walkers.example", 5),
            (ArrivalKind.Direct, string.Empty, 6),
            (ArrivalKind.Page, "tarn-notebook.example", 2),
        ];
        for (var ago = 0; ago < 28; ago++)
        {
            foreach (
                var (post, place) in posts
                    .Where(post => post.PublishedAt < now.AddDays(-ago))
                    .Take(3)
                    .Select((post, place) => (post, place))
            )
            {
                var age = (now.AddDays(-ago) - post.PublishedAt!.Value).TotalDays;
                foreach (var (source, number) in sources.Select((source, number) => (source, number)))
                {
                    var count =
                        (int)((source.Most / (1 + (age / 2))) + (((ago * 7) + (place * 3) + number) % 3)) - place;
                    if (count > 0)
                        database.ArrivalCounts.Add(
                            new ArrivalCount
                            {
                                SiteId = site.Id,
                                Day = DateOnly.FromDateTime(now.AddDays(-ago).DateTime),
                                PostId = post.Id,
                                Kind = source.Kind,
                                Source = source.Source,
                                Count = count,
                            }
                        );
                }
            }
        }

        await database.SaveChangesAsync();
    }

    private async Task AddFormAsync(Site site, Digest each, Digest weekly)
    {
        var form = new SignUpForm
        {
            Site = site,
            Key = keys.NewKey(12),
            Name = "Below the visiting hours",
            Settings = new SignUpSettings(
                SignUpShape.Inline,
                "Clear nights by mail",
                "Where we looked, what we saw, and when the dome is open.",
                "Write to me"
            )
            {
                AsksName = true,
                Categories = ["Events", "Measurements", "Workshop"],
                Digests = [each.Id, weekly.Id],
                Consent = Consent,
            },
        };
        database.SignUpForms.Add(form);
        await database.SaveChangesAsync();
        foreach (
            var one in await database
                .Subscribers.Where(subscriber =>
                    subscriber.SiteId == site.Id && subscriber.Origin == SubscriberOrigin.Form
                )
                .ToListAsync()
        )
            one.FormId = form.Id;
        foreach (
            var one in await database
                .Subscribers.Where(subscriber =>
                    subscriber.SiteId == site.Id && subscriber.Origin == SubscriberOrigin.List
                )
                .ToListAsync()
        )
            one.Digests = [weekly.Id];
        await database.SaveChangesAsync();
    }

    private async Task AddEditionsAsync(Site site, Digest each, Digest weekly)
    {
        var posts = await database
            .Posts.Where(post =>
                post.SiteId == site.Id && post.Status == PostStatus.Published && post.SourceAddress == null
            )
            .OrderByDescending(post => post.PublishedAt)
            .ToListAsync();
        var subscribers = await database.Subscribers.Where(subscriber => subscriber.SiteId == site.Id).ToListAsync();
        var sendings = posts
            .Take(PostsMailed)
            .Select(post =>
                (Digest: each, Occasion: $"post {post.Id}", At: post.PublishedAt!.Value, Posts: new List<Post> { post })
            )
            .ToList();
        var zone = TimeZoneInfo.FindSystemTimeZoneById(site.TimeZone);
        // From one to the next, as the clocks may have changed between two of them.
        for (
            var due = weekly.Settings.Rhythm.Next(now.AddDays(-7 * Weeks), zone)!.Value;
            due < now;
            due = weekly.Settings.Rhythm.Next(due, zone)!.Value
        )
        {
            var brought = posts.Where(post => post.PublishedAt > due.AddDays(-7) && post.PublishedAt <= due).ToList();
            if (brought.Count > 0)
                sendings.Add((weekly, due.ToString("O", CultureInfo.InvariantCulture), due, brought));
        }

        foreach (var sending in sendings.OrderBy(pair => pair.At))
            Sent(
                sending.Digest,
                sending.Occasion,
                sending.At,
                sending.Posts,
                subscribers.Where(subscriber => subscriber.Digests is null == (sending.Digest == each))
            );
        await database.SaveChangesAsync();
    }

    private void Sent(
        Digest digest,
        string occasion,
        DateTimeOffset at,
        List<Post> posts,
        IEnumerable<Subscriber> receivers
    )
    {
        var edition = new Edition
        {
            SiteId = digest.SiteId,
            Digest = digest,
            Key = keys.NewKey(24),
            Occasion = occasion,
            State = EditionState.Sent,
            DueAt = at,
            FinishedAt = at.AddSeconds(9),
            Settings = digest.Settings,
            Posts = [.. posts.Select(post => new EditionPost { Post = post })],
        };
        database.Editions.Add(edition);
        _number++;
        foreach (var (post, place) in posts.Select((post, place) => (post, place)))
        {
            var clicks = ((_number * 5) + (place * 3)) % 9;
            database.EditionLinks.Add(
                new EditionLink
                {
                    Edition = edition,
                    Key = keys.NewKey(12),
                    Address = addresses.Of(post),
                    Clicks = clicks,
                    SecondClicks = digest.Settings.SecondSubject is null ? 0 : clicks * 2 / 3,
                }
            );
        }

        foreach (
            var one in receivers.Where(subscriber =>
                subscriber.CreatedAt < at && (subscriber.LeftAt is null || subscriber.LeftAt > at)
            )
        )
            database.Deliveries.Add(Sent(edition, one, at.AddSeconds(4)));
    }

    private Delivery Sent(Edition edition, Subscriber subscriber, DateTimeOffset at)
    {
        // The address was good until ten days ago.
        var bounces = subscriber.Mail.EndsWith("bounce.example", StringComparison.Ordinal) && at > now.AddDays(-10);
        return new Delivery
        {
            Key = keys.NewKey(24),
            SiteId = edition.SiteId,
            Edition = edition,
            SubscriberId = subscriber.Id,
            CreatedAt = edition.DueAt,
            Attempts = 1,
            NextAttemptAt = at,
            IsSecond =
                edition.Settings.SecondSubject is not null
                && SubjectTrial.IsSecond(edition.Key, subscriber.Key, edition.Settings.TrialShare),
            State = bounces ? DeliveryState.Failed : DeliveryState.Delivered,
            DeliveredAt = bounces ? null : at,
            LastAnswer = bounces ? "Nobody of that name" : "Kept",
        };
    }
}
