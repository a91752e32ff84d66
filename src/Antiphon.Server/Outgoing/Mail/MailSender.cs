using Antiphon.Server.Work;
using MailKit.Net.Smtp;
using MailKit.Security;
using Microsoft.Extensions.Options;
using MimeKit;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>Hands mails to the mail server over one connection.</summary>
internal sealed class MailSender(IOptions<MailOptions> options, ReturnAddress addresses) : IAsyncDisposable
{
    private readonly SmtpClient _client = new() { Timeout = options.Value.TimeoutSeconds * 1000 };

    /// <summary>
    /// Sends one mail and gives the server's answer. Throws what <see cref="MailFailure"/> tells apart.
    /// </summary>
    /// <param name="message">The mail.</param>
    /// <param name="cancellation">Ends it early.</param>
    /// <param name="key">Key by which a return tells which mail came back; null where returns are not asked
    /// for.</param>
    public async Task<string> SendAsync(MimeMessage message, CancellationToken cancellation, string? key = null)
    {
        await OutgoingStep.TakeAsync(cancellation);
        if (!_client.IsConnected)
            await EnterAsync(cancellation);
        return key is not null && options.Value.ReturnsTo is { } returns
            ? await _client.SendAsync(message, addresses.Of(returns, key), message.To.Mailboxes, cancellation)
            : await _client.SendAsync(message, cancellation);
    }

    private async Task EnterAsync(CancellationToken cancellation)
    {
        var settings = options.Value;
        try
        {
            await _client.ConnectAsync(
                settings.Host,
                settings.Port,
                SecureSocketOptions.StartTlsWhenAvailable,
                cancellation
            );
            if (settings.User is not null)
                await _client.AuthenticateAsync(settings.User, settings.Password ?? string.Empty, cancellation);
        }
        catch (Exception failure)
            when (failure is not OperationCanceledException || !cancellation.IsCancellationRequested)
        {
            // Half a sign-in is none; the next mail begins anew.
            if (_client.IsConnected)
                await _client.DisconnectAsync(quit: false, CancellationToken.None);
            throw new MailServerException($"{settings.Host}:{settings.Port}: {failure.Message}", failure);
        }
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        if (_client.IsConnected)
        {
            try
            {
                await _client.DisconnectAsync(quit: true);
            }
            catch (Exception failure)
                when (failure
                        is IOException
                            or SmtpCommandException
                            or SmtpProtocolException
                            or OperationCanceledException
                )
            {
                // The mails are handed over already; a server that hangs up first loses nothing.
            }
        }

        _client.Dispose();
    }
}
