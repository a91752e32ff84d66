using System.Text.Json;

namespace Antiphon.StandIns.World;

/// <summary>A text somebody sent to the social service or the partner site.</summary>
/// <param name="Service">lantern or parish.</param>
/// <param name="Text">The text.</param>
/// <param name="ReceivedAt">When.</param>
public sealed record Note(string Service, string Text, DateTimeOffset ReceivedAt);

/// <summary>What the social service and the partner site received, kept across restarts.</summary>
public sealed class NoteBook
{
    private readonly Lock _gate = new();
    private readonly List<Note> _notes = [];
    private readonly string _file;

    /// <summary>Opens the book. On its first page stands when the world began, from which the ages of its posts count.</summary>
    public NoteBook(StandInPorts ports)
    {
        _file = Path.Combine(ports.Data, "notes.jsonl");
        var epoch = Path.Combine(ports.Data, "epoch.txt");
        if (!File.Exists(epoch)) File.WriteAllText(epoch, DateTimeOffset.UtcNow.ToString("O", System.Globalization.CultureInfo.InvariantCulture));
        Epoch = DateTimeOffset.Parse(File.ReadAllText(epoch), System.Globalization.CultureInfo.InvariantCulture);
        if (File.Exists(_file)) _notes.AddRange(File.ReadLines(_file).Select(line => JsonSerializer.Deserialize<Note>(line)!));
    }

    /// <summary>When the world began.</summary>
    public DateTimeOffset Epoch { get; }

    /// <summary>Notes of a service, newest first.</summary>
    public IReadOnlyList<Note> Of(string service)
    {
        lock (_gate) return [.. Enumerable.Reverse(_notes).Where(note => note.Service == service)];
    }

    /// <summary>Keeps a note.</summary>
    public void Add(string service, string text)
    {
        var note = new Note(service, text, DateTimeOffset.UtcNow);
        lock (_gate)
        {
            File.AppendAllText(_file, JsonSerializer.Serialize(note) + "\n");
            _notes.Add(note);
        }
    }
}
