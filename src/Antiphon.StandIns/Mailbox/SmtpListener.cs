using Antiphon.StandIns.Misbehaving;

namespace Antiphon.StandIns.Mailbox;

/// <summary>
/// A small mail server (RFC 5321). It refuses the domain bounce.example, takes mail for later.example, full.example and
/// unwanted.example and sends it back afterwards (see <see cref="Returns"/>), is slow for
/// slow.example, and keeps everything else.
/// </summary>
internal sealed class SmtpListener(
    StandInPorts ports,
    MailStore store,
    Returns returns,
    Troubles troubles,
    ILogger<SmtpListener> log
) : LineListener(ports.Smtp, log)
{
    /// <inheritdoc/>
    protected override Task TalkAsync(Stream stream, CancellationToken stopping) =>
        new SmtpConversation(stream, store, returns, troubles).RunAsync(stopping);
}
