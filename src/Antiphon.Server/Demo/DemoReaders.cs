using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Digests;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication.Mailing;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>Subscribers of the scenario and what they received.</summary>
internal sealed class DemoReaders(AntiphonContext database, IKeySource keys, DateTimeOffset now)
{
    private static readonly string[] Hosts = ["fellside.example", "moorpost.example", "quarrymail.example"];

    /// <summary>Two dozen subscribers, one of whom left and one whose address bounces.</summary>
    public async Task AddSubscribersAsync(Site site)
    {
        var number = 0;
        foreach (var name in DemoTexts.Readers.Where(name => name.All(char.IsAscii)))
        {
            var mail = name.ToLowerInvariant().Replace(' ', '.') + "@" + Hosts[number % Hosts.Length];
            Add(site, mail, name, now.AddDays(-400 + (number * 19)));
            number++;
        }

        for (var i = 1; i <= 8; i++) Add(site, $"member{i}@quillmoor.example", null, now.AddDays(-200 + i));
        Add(site, "lapsed@bounce.example", "Lapsed Address", now.AddDays(-350));
        await database.SaveChangesAsync();
        var left = await database.Subscribers.FirstAsync(one => one.Mail == "member8@quillmoor.example");
        left.LeftAt = now.AddDays(-60);
        await database.SaveChangesAsync();
    }

    /// <summary>What went out with the last posts: everything arrived until ten days ago, when one address began to fail.</summary>
    public async Task AddDeliveriesAsync(Site site)
    {
        var posts = await database.Posts.Where(post => post.SiteId == site.Id && post.Status == PostStatus.Published).OrderByDescending(post => post.PublishedAt).Take(12).ToListAsync();
        var subscribers = await database.Subscribers.Where(one => one.SiteId == site.Id).ToListAsync();
        var digest = await database.Digests.FirstAsync(one => one.SiteId == site.Id);
        foreach (var post in posts)
        {
            var edition = new Edition
            {
                SiteId = site.Id, DigestId = digest.Id, Key = keys.NewKey(24), Occasion = $"post {post.Id}", State = EditionState.Sent, DueAt = post.PublishedAt!.Value, FinishedAt = post.PublishedAt.Value.AddSeconds(9),
                Settings = digest.Settings, Posts = [new EditionPost { Post = post }],
            };
            database.Editions.Add(edition);
            foreach (var subscriber in subscribers.Where(one => one.CreatedAt < post.PublishedAt && (one.LeftAt is null || one.LeftAt > post.PublishedAt))) database.Deliveries.Add(Sent(edition, post, subscriber));
        }

        await database.SaveChangesAsync();
    }

    private Delivery Sent(Edition edition, Post post, Subscriber subscriber)
    {
        // The address was good until ten days ago.
        var bounces = subscriber.Mail.EndsWith("bounce.example", StringComparison.Ordinal) && post.PublishedAt > now.AddDays(-10);
        var at = post.PublishedAt!.Value.AddSeconds(4);
        return new Delivery
        {
            Key = keys.NewKey(24),
            SiteId = edition.SiteId,
            Edition = edition,
            SubscriberId = subscriber.Id,
            CreatedAt = post.PublishedAt.Value,
            Attempts = 1,
            NextAttemptAt = at,
            State = bounces ? DeliveryState.Failed : DeliveryState.Delivered,
            DeliveredAt = bounces ? null : at,
            LastAnswer = bounces ? "Nobody of that name" : "Kept",
        };
    }

    private void Add(Site site, string mail, string? name, DateTimeOffset since) =>
        database.Subscribers.Add(new Subscriber { SiteId = site.Id, Mail = mail, Name = name, Key = keys.NewKey(32), CreatedAt = since });
}
