using Antiphon.Server.Outgoing;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>What is kept of a mail server's failures when mails go side by side.</summary>
public sealed class MailTransportTests : IAsyncLifetime
{
    private readonly AntiphonHost _host = new();
    private readonly ScriptedMailServer _server = new() { Slow = new TaskCompletionSource() };

    public async Task InitializeAsync() =>
        await _host
            .With("Mail:Port", $"{_server.Port}")
            .With("Mail:From", "post@quillmoor.example")
            .With("Delivery:PauseFactor", "0.001")
            .InitializeAsync();

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)_host).DisposeAsync();
        _server.Dispose();
    }

    [Fact]
    public async Task A_failure_told_after_a_later_mail_was_taken_pauses_nothing()
    {
        await using var slow = Sender();
        await using var quick = Sender();
        var late = HandOverAsync(slow, "slow@fellside.example");
        await Eventually.TrueAsync("the slow mail on its way", () => Task.FromResult(_server.Failures == 1));
        Assert.Null((await HandOverAsync(quick, "quick@fellside.example")).Fault);
        _server.Slow!.SetResult();
        Assert.Equal(MailFault.Server, (await late).Fault);
        Assert.False(await IsPausedAsync());

        Assert.Equal(MailFault.Server, (await HandOverAsync(slow, "slow@fellside.example")).Fault);
        Assert.True(await IsPausedAsync());
    }

    private MailSender Sender() =>
        new(
            _host.Services.GetRequiredService<IOptions<MailOptions>>(),
            _host.Services.GetRequiredService<ReturnAddress>()
        );

    private Task<Handover> HandOverAsync(MailSender sender, string to) =>
        _host
            .Services.GetRequiredService<MailTransport>()
            .HandOverAsync(
                sender,
                new MimeMessage(
                    [new MailboxAddress("Quillmoor", "post@quillmoor.example")],
                    [MailboxAddress.Parse(to)],
                    "First night",
                    new TextPart("plain") { Text = "Stars." }
                ),
                1,
                null,
                CancellationToken.None
            );

    private Task<bool> IsPausedAsync() => _host.InDatabaseAsync(database => database.MailStandings.AnyAsync());
}
