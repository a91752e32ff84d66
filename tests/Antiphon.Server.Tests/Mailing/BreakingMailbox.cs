using System.Collections.Concurrent;
using System.Globalization;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>
/// A mailbox (RFC 1939) whose sessions break off as often as a test says: before their end, so that nothing that was
/// deleted is gone (§6).
/// </summary>
internal sealed class BreakingMailbox : LineServer
{
    private readonly ConcurrentDictionary<int, string> _mails = new();
    private int _breaks;

    /// <summary>Sessions that still break off.</summary>
    public int Breaks
    {
        get => Volatile.Read(ref _breaks);
        set => Volatile.Write(ref _breaks, value);
    }

    /// <summary>Mails that lie in it.</summary>
    public int Count => _mails.Count;

    /// <summary>Puts a mail into it.</summary>
    public void Put(string mail) => _mails[_mails.Count + 1] = mail.ReplaceLineEndings("\r\n");

    /// <inheritdoc/>
    protected override async Task TalkAsync(StreamReader reader, StreamWriter writer)
    {
        var (offered, deleted) = (_mails.OrderBy(mail => mail.Key).ToList(), new List<int>());
        await writer.WriteLineAsync("+OK ready");
        while (await reader.ReadLineAsync(End) is { } line)
        {
            var words = line.Split(' ');
            var at =
                words.Length > 1
                && int.TryParse(words[1], NumberStyles.None, CultureInfo.InvariantCulture, out var number)
                    ? number - 1
                    : -1;
            if (words[0] == "QUIT" && Interlocked.Decrement(ref _breaks) >= 0)
                return;
            if (words[0] == "QUIT")
                deleted.ForEach(key => _mails.TryRemove(key, out _));
            if (words[0] == "DELE")
                deleted.Add(offered[at].Key);
            await writer.WriteLineAsync(
                words[0] switch
                {
                    "STAT" => $"+OK {offered.Count} 1000",
                    "RETR" => $"+OK\r\n{offered[at].Value}\r\n.",
                    "CAPA" or "AUTH" or "UIDL" or "TOP" => "-ERR",
                    _ => "+OK",
                }
            );
            if (words[0] == "QUIT")
                return;
        }
    }
}
