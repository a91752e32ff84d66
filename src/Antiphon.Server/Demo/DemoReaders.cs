using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Demo.Scenario;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Demo;

/// <summary>Subscribers of the scenario.</summary>
internal sealed class DemoReaders(AntiphonContext database, IKeySource keys, DateTimeOffset now)
{
    private static readonly string[] Hosts = ["fellside.example", "moorpost.example", "quarrymail.example"];

    /// <summary>
    /// Some thirty subscribers, one of whom left, one who paused, and one whose address takes no mail.
    /// </summary>
    public async Task AddSubscribersAsync(Site site)
    {
        var number = 0;
        foreach (var name in DemoTexts.Readers.Where(name => name.All(char.IsAscii)))
        {
            var mail = name.ToLowerInvariant().Replace(' ', '.') + "@" + Hosts[number % Hosts.Length];
            Add(site, mail, name, now.AddDays(-400 + (number * 19)), number);
            number++;
        }

        for (var i = 1; i <= 8; i++)
            Add(site, $"member{i}@quillmoor.example", null, now.AddDays(-200 + i), 4);
        Add(site, "lapsed@bounce.example", "Lapsed Address", now.AddDays(-350), 0);
        foreach (
            var (name, days) in new[]
            {
                ("ada.furness", 41),
                ("brin.caley", 33),
                ("cato.wray", 20),
                ("della.moss", 12),
                ("enid.sharrow", 12),
                ("fenn.arkle", 5),
                ("greta.holm", 2),
            }
        )
            Add(site, $"{name}@fellside.example", null, now.AddDays(-days), 1);
        await database.SaveChangesAsync();
        var left = await database.Subscribers.FirstAsync(subscriber => subscriber.Mail == "member8@quillmoor.example");
        left.LeftAt = now.AddDays(-60);
        var lapsed = await database.Subscribers.FirstAsync(subscriber => subscriber.Mail == "lapsed@bounce.example");
        (lapsed.Suppressed, lapsed.SuppressedAt, lapsed.LastReturn) = (
            Suppression.Bounce,
            now.AddDays(-2),
            "550 5.1.1 Nobody of that name"
        );
        var paused = await database.Subscribers.FirstAsync(subscriber =>
            subscriber.Mail == "cato.wray@fellside.example"
        );
        paused.PausedUntil = now.AddDays(16);
        await database.SaveChangesAsync();
    }

    private void Add(Site site, string mail, string? name, DateTimeOffset since, int number)
    {
        var origin = (number % 5) switch
        {
            0 => SubscriberOrigin.Hand,
            4 => SubscriberOrigin.List,
            _ => SubscriberOrigin.Form,
        };
        database.Subscribers.Add(
            new Subscriber
            {
                SiteId = site.Id,
                Mail = mail,
                Name = name,
                Key = keys.NewKey(32),
                CreatedAt = since,
                Origin = origin,
                SeenAt = number % 3 == 0 ? null : since.AddDays(number),
                Reason = origin switch
                {
                    SubscriberOrigin.Hand => "Signed the book at an open evening",
                    SubscriberOrigin.List => "Moved over from the paper newsletter",
                    _ => null,
                },
                Categories = (number % 4) switch
                {
                    1 => ["Events"],
                    3 => ["Measurements", "Workshop"],
                    _ => [],
                },
                Consent = origin == SubscriberOrigin.Form ? DemoDigests.Consent : null,
                ConsentVersion = origin == SubscriberOrigin.Form ? 1 : null,
            }
        );
    }
}
