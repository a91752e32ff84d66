using System.Text.Json;

namespace Antiphon.StandIns.World;

/// <summary>What the neighbours wrote, kept across restarts; the last line about a page holds.</summary>
public sealed class Neighbours
{
    private readonly Lock _gate = new();
    private readonly SortedDictionary<int, NeighbourPage> _pages = [];
    private readonly string _file;

    /// <summary>Reads what was written before.</summary>
    public Neighbours(StandInPorts ports)
    {
        _file = Path.Combine(ports.Data, "neighbours.jsonl");
        if (!File.Exists(_file)) return;
        foreach (var page in File.ReadLines(_file).Select(line => JsonSerializer.Deserialize<NeighbourPage>(line)!)) _pages[page.Number] = page;
    }

    /// <summary>All pages, the latest first.</summary>
    public IReadOnlyList<NeighbourPage> All
    {
        get
        {
            lock (_gate) return [.. _pages.Values.Reverse()];
        }
    }

    /// <summary>A page, or null.</summary>
    public NeighbourPage? Find(int number)
    {
        lock (_gate) return _pages.GetValueOrDefault(number);
    }

    /// <summary>Writes a new page and gives it with its number.</summary>
    public NeighbourPage Write(string kind, string target, string words, string author)
    {
        lock (_gate) return Keep(new NeighbourPage(_pages.Count == 0 ? 1 : _pages.Keys.Max() + 1, kind, target, words, author));
    }

    /// <summary>Puts another page in the place of one with the same number.</summary>
    public void Change(NeighbourPage page)
    {
        lock (_gate) Keep(page);
    }

    private NeighbourPage Keep(NeighbourPage page)
    {
        File.AppendAllText(_file, JsonSerializer.Serialize(page) + "\n");
        return _pages[page.Number] = page;
    }
}
