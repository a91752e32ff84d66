using System.Text.Json;

namespace Antiphon.StandIns;

/// <summary>Numbered pages kept in a file across restarts; the last line about a page holds.</summary>
/// <param name="file">Path of the file.</param>
/// <param name="numberOf">Number of a page.</param>
public abstract class KeptBook<T>(string file, Func<T, int> numberOf)
    where T : class
{
    private readonly Lock _gate = new();
    private readonly Lazy<SortedDictionary<int, T>> _pages = new(() => Read(file, numberOf));

    /// <summary>All pages, the latest first.</summary>
    public IReadOnlyList<T> All
    {
        get
        {
            lock (_gate)
                return [.. _pages.Value.Values.Reverse()];
        }
    }

    /// <summary>A page, or null.</summary>
    public T? Find(int number)
    {
        lock (_gate)
            return _pages.Value.GetValueOrDefault(number);
    }

    /// <summary>
    /// Keeps a page that <paramref name="make"/> makes for the next number, unless one is there already for which
    /// <paramref name="known"/> holds; gives the page kept and whether it is new.
    /// </summary>
    public (T Page, bool IsNew) Add(Func<int, T> make, Func<T, bool>? known = null)
    {
        lock (_gate)
        {
            if (known is not null && _pages.Value.Values.FirstOrDefault(known) is { } before)
                return (before, false);
            return (Keep(make(_pages.Value.Count == 0 ? 1 : _pages.Value.Keys.Max() + 1)), true);
        }
    }

    /// <summary>Puts a page in the place of one with the same number.</summary>
    public void Change(T page)
    {
        lock (_gate)
            Keep(page);
    }

    private T Keep(T page)
    {
        File.AppendAllText(file, JsonSerializer.Serialize(page) + "\n");
        return _pages.Value[numberOf(page)] = page;
    }

    private static SortedDictionary<int, T> Read(string file, Func<T, int> numberOf)
    {
        var pages = new SortedDictionary<int, T>();
        if (!File.Exists(file))
            return pages;
        foreach (var line in File.ReadLines(file))
        {
            var page = JsonSerializer.Deserialize<T>(line)!;
            pages[numberOf(page)] = page;
        }

        return pages;
    }
}
