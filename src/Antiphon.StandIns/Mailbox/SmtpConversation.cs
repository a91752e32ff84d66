using System.Text;
using Antiphon.StandIns.Misbehaving;

namespace Antiphon.StandIns.Mailbox;

/// <summary>One connection of a sender.</summary>
internal sealed class SmtpConversation(Stream stream, MailStore store, Returns returns, Troubles troubles)
{
    private const int SlowDomain = 3000;
    private readonly StreamReader _reader = new(stream, Encoding.Latin1);
    private readonly StreamWriter _writer = new(stream, Encoding.Latin1) { NewLine = "\r\n", AutoFlush = true };
    private readonly List<string> _receivers = [];
    private string _sender = string.Empty;

    /// <summary>Talks until the sender leaves.</summary>
    public async Task RunAsync(CancellationToken stopping)
    {
        await _writer.WriteLineAsync("220 post.quillmoor.example ready");
        while (await _reader.ReadLineAsync(stopping) is { } line)
        {
            var command = line.Split(' ', 2)[0].ToUpperInvariant();
            if (command == "QUIT")
            {
                await _writer.WriteLineAsync("221 Good night");
                return;
            }

            await AnswerAsync(command, line, stopping);
        }
    }

    private async Task AnswerAsync(string command, string line, CancellationToken stopping)
    {
        switch (command)
        {
            case "EHLO":
                await _writer.WriteLineAsync("250-post.quillmoor.example\r\n250-8BITMIME\r\n250 SMTPUTF8");
                break;
            case "HELO":
                await _writer.WriteLineAsync("250 post.quillmoor.example");
                break;
            case "MAIL" or "RSET":
                await StartAsync(line);
                break;
            case "RCPT":
                await ReceiverAsync(line);
                break;
            case "DATA":
                await DataAsync(stopping);
                break;
            case "NOOP":
                await _writer.WriteLineAsync("250 Yes");
                break;
            default:
                await _writer.WriteLineAsync("502 Not here");
                break;
        }
    }

    private Task StartAsync(string line)
    {
        _receivers.Clear();
        _sender = Bare(line);
        return _writer.WriteLineAsync("250 Go on");
    }

    private Task ReceiverAsync(string line)
    {
        var receiver = Bare(line).ToLowerInvariant();
        if (receiver.EndsWith("@bounce.example", StringComparison.Ordinal))
            return _writer.WriteLineAsync("550 5.1.1 Nobody of that name");
        if (troubles.MailsToPutOff > 0)
        {
            troubles.MailsToPutOff--;
            return _writer.WriteLineAsync("451 Too busy, try again later");
        }

        _receivers.Add(receiver);
        return _writer.WriteLineAsync("250 Known");
    }

    private async Task DataAsync(CancellationToken stopping)
    {
        await _writer.WriteLineAsync("354 End with a dot");
        var source = new StringBuilder();
        while (await _reader.ReadLineAsync(stopping) is { } line && line != ".")
            source.Append(line.StartsWith('.') ? line[1..] : line).Append("\r\n");
        if (troubles.MailDelay > 0)
            await Task.Delay(troubles.MailDelay, stopping);
        if (_receivers.Exists(receiver => receiver.EndsWith("@slow.example", StringComparison.Ordinal)))
            await Task.Delay(SlowDomain, stopping);
        // Some domains take everything first and think about it later.
        foreach (
            var back in _receivers.Select(receiver => returns.Of(_sender, receiver, source.ToString())).OfType<string>()
        )
            store.Take(back, [_sender]);
        store.Take(source.ToString(), _receivers.Where(receiver => !Returns.IsLost(receiver)));
        await _writer.WriteLineAsync("250 Kept");
    }

    private static string Bare(string line)
    {
        var (from, to) = (line.IndexOf('<', StringComparison.Ordinal), line.IndexOf('>', StringComparison.Ordinal));
        return from >= 0 && to > from ? line[(from + 1)..to] : string.Empty;
    }
}
