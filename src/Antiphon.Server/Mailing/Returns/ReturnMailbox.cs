using Antiphon.Core.Mailing.Returns;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Work;
using MailKit.Net.Pop3;
using MailKit.Security;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Mailing.Returns;

/// <summary>Reads the mailbox mails come back to. A mail is deleted there once what it told is kept.</summary>
internal sealed class ReturnMailbox(
    IServiceScopeFactory scopes,
    TimeProvider clock,
    IOptions<MailOptions> options,
    ILogger<ReturnMailbox> log
) : RepeatedWork(scopes, clock, log)
{
    private const int DefaultTls = 995;
    private const int AtOnce = 500;

    /// <inheritdoc/>
    protected override TimeSpan Between => TimeSpan.FromSeconds(options.Value.ReturnsEverySeconds);

    /// <inheritdoc/>
    protected override async Task DoAsync(IServiceProvider services, DateTimeOffset now, CancellationToken cancellation)
    {
        var settings = options.Value;
        if (settings.ReturnsHost is not { } host)
            return;
        using var mailbox = new Pop3Client { Timeout = settings.TimeoutSeconds * 1000 };
        await mailbox.ConnectAsync(
            host,
            settings.ReturnsPort,
            settings.ReturnsPort == DefaultTls
                ? SecureSocketOptions.SslOnConnect
                : SecureSocketOptions.StartTlsWhenAvailable,
            cancellation
        );
        await mailbox.AuthenticateAsync(settings.ReturnsUser, settings.ReturnsPassword, cancellation);
        var (keeping, reader) = (
            services.GetRequiredService<ReturnKeeping>(),
            services.GetRequiredService<ReturnReader>()
        );
        for (var at = 0; at < Math.Min(mailbox.Count, AtOnce); at++)
        {
            foreach (var back in await ReadAsync(mailbox, at, reader, cancellation))
                await keeping.KeepAsync(back, cancellation);
            await mailbox.DeleteMessageAsync(at, cancellation);
        }

        await mailbox.DisconnectAsync(quit: true, cancellation);
    }

    // What cannot be read must not stand before the others for ever; nobody but programs writes to this mailbox.
    private async Task<IReadOnlyList<MailReturn>> ReadAsync(
        Pop3Client mailbox,
        int at,
        ReturnReader reader,
        CancellationToken cancellation
    )
    {
        try
        {
            // Fetched whole before it is read: whoever stops reading half way leaves the session without an end.
            await using var whole = await mailbox.GetStreamAsync(at, headersOnly: false, cancellation);
            return [.. reader.Read(await MimeMessage.LoadAsync(whole, cancellation))];
        }
        catch (Exception failure)
            when (failure is FormatException or ParseException or ArgumentException or InvalidOperationException)
        {
            log.LogWarning(failure, "A mail that came back could not be read and is thrown away");
            return [];
        }
    }
}
