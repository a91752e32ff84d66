using System.Globalization;
using System.Text;
using System.Text.Json;
using MimeKit;

namespace Antiphon.StandIns.Mailbox;

/// <summary>
/// Keeps mails across restarts. Like most mail stores it drops a mail it already has for the same receiver, told by its
/// Message-ID, and counts how often that happened.
/// </summary>
public sealed class MailStore
{
    private readonly Lock _gate = new();
    private readonly List<StoredMail> _mails = [];
    private readonly HashSet<string> _known = [];
    private readonly HashSet<int> _collected = [];
    private readonly string _file;
    private readonly string _collectedFile;

    /// <summary>Opens the mailbox.</summary>
    public MailStore(StandInPorts ports)
    {
        _file = Path.Combine(ports.Data, "mailbox.jsonl");
        _collectedFile = Path.Combine(ports.Data, "mailbox.collected");
        if (File.Exists(_collectedFile))
            _collected =
            [
                .. File.ReadLines(_collectedFile).Select(line => int.Parse(line, CultureInfo.InvariantCulture)),
            ];
        if (!File.Exists(_file))
            return;
        foreach (var line in File.ReadLines(_file).Where(line => line.Length > 0))
            Remember(JsonSerializer.Deserialize<StoredMail>(line)!);
    }

    /// <summary>How many repeats were dropped since the start.</summary>
    public int Repeats { get; private set; }

    /// <summary>All mails, newest first.</summary>
    public IReadOnlyList<StoredMail> All
    {
        get
        {
            lock (_gate)
                return [.. Enumerable.Reverse(_mails)];
        }
    }

    /// <summary>Mails that came back and were not collected, oldest first.</summary>
    public IReadOnlyList<StoredMail> Returned
    {
        get
        {
            lock (_gate)
                return
                [
                    .. _mails.Where(mail =>
                        mail.To.StartsWith("returns", StringComparison.Ordinal) && !_collected.Contains(mail.Id)
                    ),
                ];
        }
    }

    /// <summary>Takes collected mails out of the mailbox of returns.</summary>
    public void Collect(IEnumerable<int> ids)
    {
        lock (_gate)
        {
            foreach (var id in ids.Where(_collected.Add))
                File.AppendAllText(_collectedFile, id.ToString(CultureInfo.InvariantCulture) + "\n");
        }
    }

    /// <summary>Throws every mail away.</summary>
    public void Empty()
    {
        lock (_gate)
        {
            _mails.Clear();
            _known.Clear();
            _collected.Clear();
            Repeats = 0;
            File.Delete(_file);
            File.Delete(_collectedFile);
        }
    }

    /// <summary>Takes a mail for each of its receivers; it is on disk when this returns.</summary>
    public void Take(string source, IEnumerable<string> receivers)
    {
        var message = MimeMessage.Load(new MemoryStream(Encoding.Latin1.GetBytes(source)));
        lock (_gate)
        {
            foreach (var receiver in receivers)
            {
                var mail = new StoredMail(
                    _mails.Count + 1,
                    receiver,
                    message.From.ToString(),
                    message.Subject ?? string.Empty,
                    message.MessageId ?? string.Empty,
                    DateTimeOffset.UtcNow,
                    source
                );
                if (_known.Contains(KeyOf(mail)))
                {
                    Repeats++;
                    continue;
                }

                File.AppendAllText(_file, JsonSerializer.Serialize(mail) + "\n");
                Remember(mail);
            }
        }
    }

    private static string KeyOf(StoredMail mail) =>
        mail.MessageId.Length == 0 ? "number " + mail.Id : $"{mail.To} {mail.MessageId}";

    private void Remember(StoredMail mail)
    {
        _mails.Add(mail);
        _known.Add(KeyOf(mail));
    }
}
