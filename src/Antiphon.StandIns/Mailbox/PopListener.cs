namespace Antiphon.StandIns.Mailbox;

/// <summary>The mailbox of returns, to be read by POP3 (RFC 1939).</summary>
internal sealed class PopListener(StandInPorts ports, MailStore store, ILogger<PopListener> log)
    : LineListener(ports.Pop, log)
{
    /// <inheritdoc/>
    protected override Task TalkAsync(Stream stream, CancellationToken stopping) =>
        new PopConversation(stream, store).RunAsync(stopping);
}
