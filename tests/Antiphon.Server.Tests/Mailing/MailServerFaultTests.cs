using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>A mail server that fails in every way it can, while an edition goes out.</summary>
public sealed class MailServerFaultTests : IAsyncLifetime
{
    private const int Readers = 40;
    private readonly AntiphonHost _host = new();
    private readonly ScriptedMailServer _server = new();

    public async Task InitializeAsync() =>
        await _host
            .With("Mail:Port", $"{_server.Port}")
            .With("Mail:User", "antiphon")
            .With("Mail:Password", "secret")
            .With("Mail:From", "post@quillmoor.example")
            .With("Mail:TimeoutSeconds", "5")
            .With("Delivery:PauseFactor", "0.001")
            .InitializeAsync();

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)_host).DisposeAsync();
        _server.Dispose();
    }

    [Fact]
    public async Task Whatever_it_does_nobody_is_suppressed_and_every_mail_arrives_once()
    {
        for (var number = 0; number < Readers; number++)
            await _host.Owner.PostJsonAsync(
                _host.Api + "subscribers",
                new { mail = $"reader{number}@fellside.example" }
            );
        _server.FailAt("SIGN-IN");
        await _host.WriteAsync("First night");
        foreach (
            var (where, times) in new[]
            {
                ("SIGN-IN", 2),
                ("GREETING", 2),
                ("EHLO", 2),
                ("RELAY", 6),
                ("MAIL", 2),
                ("RCPT", 2),
                ("BUSY", 3),
                ("DATA", 2),
                ("DOT", 2),
                ("AUTH", 2),
            }
        )
        {
            _server.FailAt(where);
            await Eventually.TrueAsync($"failures at {where}", () => Task.FromResult(_server.Failures >= times));
        }

        Assert.Contains(
            "paused",
            (await _host.Owner.GetAsync(_host.Api + "notices")).IsSuccessStatusCode
                ? await (await _host.Owner.GetAsync(_host.Api + "notices")).Content.ReadAsStringAsync()
                : string.Empty,
            StringComparison.Ordinal
        );
        _server.FailAt(null);
        await Eventually.IsAsync("every mail", () => Task.FromResult(ToReaders().Count), count => count >= Readers);
        await Eventually.TrueAsync("the end of all sending", () =>
            _host.InDatabaseAsync(async database =>
                !await database.Deliveries.AnyAsync(delivery => delivery.DeliveredAt == null)
            )
        );
        Assert.Equal(Readers, ToReaders().Distinct().Count());
        Assert.Equal(Readers, ToReaders().Count);
        Assert.Equal(
            0,
            await _host.InDatabaseAsync(database =>
                database.Subscribers.CountAsync(subscriber => subscriber.Suppressed != null)
            )
        );
        // Mail to the team is no delivery; one that met an old connection may still be on its second way.
        await Eventually.TrueAsync("nothing to be held against the server", () =>
            _host.InDatabaseAsync(async database => !await database.MailStandings.AnyAsync())
        );
    }

    private List<string> ToReaders() =>
        [
            .. _server
                .Taken.SelectMany(mail => mail.To.Mailboxes)
                .Select(one => one.Address)
                .Where(address => address.EndsWith("@fellside.example", StringComparison.Ordinal)),
        ];
}
