using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Work;
using Antiphon.Data.Mailing;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>
/// Sessions with the mailbox of returns that break off before their end give the same mails again; each counts once.
/// </summary>
public sealed class ReturnMailboxTests : IAsyncLifetime
{
    private readonly BreakingMailbox _mailbox = new();
    private readonly AntiphonHost _host = new();

    public Task InitializeAsync() =>
        _host
            .With("Mail:ReturnsTo", "returns@quillmoor.example")
            .With("Mail:ReturnsHost", "127.0.0.1")
            .With("Mail:ReturnsPort", $"{_mailbox.Port}")
            .With("Mail:ReturnsUser", "returns")
            .With("Mail:ReturnsPassword", "returns")
            .With("Mail:ReturnsEverySeconds", "1")
            .InitializeAsync();

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)_host).DisposeAsync();
        _mailbox.Dispose();
    }

    [Fact]
    public async Task A_session_that_breaks_off_counts_nothing_twice_and_what_cannot_be_read_holds_nothing_up()
    {
        await SentAsync();
        _mailbox.Breaks = 3;
        _mailbox.Put("\u0001\u0002 no mail at all");
        _mailbox.Put(
            Report(
                _host.Services.GetRequiredService<ReturnAddress>().Of("returns@quillmoor.example", "sentonce").Address
            )
        );
        await Eventually.TrueAsync("the mailbox empty", () => Task.FromResult(_mailbox is { Count: 0, Breaks: < 0 }));
        Assert.Equal(
            (1, null),
            await _host.InDatabaseAsync(async database =>
            {
                var subscriber = await database.Subscribers.SingleAsync(subscriber => subscriber.SiteId == _host.Site);
                return (subscriber.SoftBounces, subscriber.Suppressed);
            })
        );
    }

    private Task<int> SentAsync() =>
        _host.InDatabaseAsync(async database =>
        {
            var now = DateTimeOffset.UtcNow;
            var digest = await database.Digests.SingleAsync(digest => digest.SiteId == _host.Site);
            var subscriber = new Subscriber
            {
                SiteId = _host.Site,
                Key = "wilf",
                Mail = "wilf@fellside.example",
                CreatedAt = now,
            };
            var edition = new Edition
            {
                SiteId = _host.Site,
                DigestId = digest.Id,
                Key = "edition",
                Occasion = "test",
                DueAt = now,
                State = EditionState.Sent,
            };
            database.AddRange(subscriber, edition);
            await database.SaveChangesAsync();
            database.Deliveries.Add(
                new Delivery
                {
                    Key = "sentonce",
                    SiteId = _host.Site,
                    EditionId = edition.Id,
                    SubscriberId = subscriber.Id,
                    State = DeliveryState.Delivered,
                    NextAttemptAt = now,
                    CreatedAt = now,
                    DeliveredAt = now,
                }
            );
            return await database.SaveChangesAsync();
        });

    private static string Report(string to) =>
        $"""
            From: <postmaster@fellside.example>
            To: <{to}>
            Subject: Delayed
            MIME-Version: 1.0
            Content-Type: multipart/report; report-type=delivery-status; boundary=b

            --b
            Content-Type: message/delivery-status

            Reporting-MTA: dns; fellside.example

            Final-Recipient: rfc822; wilf@fellside.example
            Action: failed
            Status: 4.2.2

            --b--
            """;
}
