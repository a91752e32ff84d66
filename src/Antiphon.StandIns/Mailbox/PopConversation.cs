using System.Globalization;
using System.Text;

namespace Antiphon.StandIns.Mailbox;

/// <summary>
/// One connection of somebody who reads the mailbox of returns. Any user "returns" with the password "returns" may.
/// </summary>
internal sealed class PopConversation(Stream stream, MailStore store)
{
    private readonly StreamReader _reader = new(stream, Encoding.Latin1);
    private readonly StreamWriter _writer = new(stream, Encoding.Latin1) { NewLine = "\r\n", AutoFlush = true };
    private readonly IReadOnlyList<StoredMail> _mails = store.Returned;
    private readonly HashSet<int> _gone = [];
    private bool _isKnown;

    /// <summary>Talks until the reader leaves; what they deleted is gone then.</summary>
    public async Task RunAsync(CancellationToken stopping)
    {
        await _writer.WriteLineAsync("+OK ready");
        while (await _reader.ReadLineAsync(stopping) is { } line)
        {
            var words = line.Split(' ', 2);
            if (words[0].Equals("QUIT", StringComparison.OrdinalIgnoreCase))
            {
                store.Collect(_gone.Select(number => _mails[number - 1].Id));
                await _writer.WriteLineAsync("+OK good night");
                return;
            }

            await _writer.WriteLineAsync(
                Answer(words[0].ToUpperInvariant(), words.ElementAtOrDefault(1) ?? string.Empty)
            );
        }
    }

    private string Answer(string command, string what) =>
        command switch
        {
            "CAPA" => "+OK\r\nUSER\r\nUIDL\r\n.",
            "USER" => "+OK",
            "PASS" => (_isKnown = what == "returns") ? "+OK" : "-ERR not that",
            "NOOP" => "+OK",
            _ when !_isKnown => "-ERR who is it?",
            "STAT" => Line($"+OK {Left.Count()} {Left.Sum(number => Size(number))}"),
            "LIST" => Listed(number => Line($"{number} {Size(number)}")),
            "UIDL" => Listed(number => Line($"{number} mail-{_mails[number - 1].Id}")),
            "RETR" => Find(what) is { } mail ? $"+OK\r\n{Stuffed(mail.Source)}\r\n." : "-ERR no such mail",
            "DELE" => Find(what) is not null && _gone.Add(int.Parse(what, CultureInfo.InvariantCulture))
                ? "+OK"
                : "-ERR no such mail",
            "RSET" => Restored(),
            _ => "-ERR not here",
        };

    private IEnumerable<int> Left => Enumerable.Range(1, _mails.Count).Where(number => !_gone.Contains(number));

    private int Size(int number) => _mails[number - 1].Source.Length;

    private string Listed(Func<int, string> line) => string.Join("\r\n", Left.Select(line).Prepend("+OK").Append("."));

    private StoredMail? Find(string number) =>
        int.TryParse(number, CultureInfo.InvariantCulture, out var at) && Left.Contains(at) ? _mails[at - 1] : null;

    private string Restored()
    {
        _gone.Clear();
        return "+OK";
    }

    // A line that is a dot would end the mail.
    private static string Stuffed(string source) =>
        string.Join(
            "\r\n",
            source.TrimEnd('\r', '\n').Split("\r\n").Select(line => line.StartsWith('.') ? "." + line : line)
        );

    private static string Line(FormattableString text) => FormattableString.Invariant(text);
}
