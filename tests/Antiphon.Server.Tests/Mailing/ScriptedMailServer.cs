using System.Collections.Concurrent;
using System.Text;
using MimeKit;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>A mail server (RFC 5321) that fails as a test says, and keeps what it took.</summary>
internal sealed class ScriptedMailServer : LineServer
{
    private readonly ConcurrentBag<MimeMessage> _taken = [];
    private int _failures;

    /// <summary>Where it fails: a verb, "GREETING", "SIGN-IN", "RELAY" or "BUSY"; null for nowhere.</summary>
    public string? FailsAt { get; set; }

    /// <summary>
    /// What a mail to an address beginning with "slow" waits for after its dot; the server
    /// closes then.
    /// </summary>
    public TaskCompletionSource? Slow { get; init; }

    /// <summary>How often it failed since it was asked last.</summary>
    public int Failures => Volatile.Read(ref _failures);

    /// <summary>The mails it took and said so.</summary>
    public IReadOnlyCollection<MimeMessage> Taken => _taken;

    /// <summary>Fails somewhere else from now on.</summary>
    public void FailAt(string? where)
    {
        FailsAt = where;
        Volatile.Write(ref _failures, 0);
    }

    /// <inheritdoc/>
    protected override async Task TalkAsync(StreamReader reader, StreamWriter writer)
    {
        if (Breaks("GREETING"))
            return;
        await writer.WriteLineAsync("220 Ready");
        while (await reader.ReadLineAsync(End) is { } line && await AnswerAsync(line, reader, writer))
            continue;
    }

    private async Task<bool> AnswerAsync(string line, StreamReader reader, StreamWriter writer)
    {
        var verb = line.Split(' ')[0].ToUpperInvariant();
        if (Breaks(verb))
            return false;
        switch (verb)
        {
            case "EHLO" or "HELO":
                await writer.WriteAsync("250-here\r\n250-ENHANCEDSTATUSCODES\r\n250 AUTH PLAIN\r\n");
                break;
            case "AUTH":
                await writer.WriteLineAsync(Breaks("SIGN-IN") ? "535 5.7.8 Wrong password" : "235 2.7.0 Welcome");
                break;
            case "RCPT":
                await writer.WriteLineAsync(
                    Breaks("RELAY") ? "550 5.7.1 Relaying denied"
                    : Breaks("BUSY") ? "451 4.3.0 Later"
                    : "250 2.1.5 Known"
                );
                break;
            case "DATA":
                return await TakeAsync(reader, writer);
            case "QUIT":
                await writer.WriteLineAsync("221 Bye");
                return false;
            default:
                await writer.WriteLineAsync("250 Go on");
                break;
        }

        return true;
    }

    private async Task<bool> TakeAsync(StreamReader reader, StreamWriter writer)
    {
        await writer.WriteLineAsync("354 End with a dot");
        var source = new StringBuilder();
        while (await reader.ReadLineAsync(End) is { } line && line != ".")
            source.Append(line.StartsWith('.') ? line[1..] : line).Append("\r\n");
        if (Breaks("DOT"))
            return false;
        if (Slow is not null && source.ToString().Contains("slow@", StringComparison.Ordinal))
        {
            Interlocked.Increment(ref _failures);
            await Slow.Task.WaitAsync(End);
            await writer.WriteLineAsync("421 4.3.2 Closing");
            return false;
        }

        _taken.Add(await MimeMessage.LoadAsync(new MemoryStream(Encoding.Latin1.GetBytes(source.ToString())), End));
        await writer.WriteLineAsync("250 2.0.0 Taken");
        return true;
    }

    private bool Breaks(string where)
    {
        if (FailsAt != where)
            return false;
        Interlocked.Increment(ref _failures);
        return true;
    }
}
