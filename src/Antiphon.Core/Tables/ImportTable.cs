namespace Antiphon.Core.Tables;

/// <summary>What is brought in, as a table whatever it came from.</summary>
/// <param name="Columns">Names of the columns, each different.</param>
/// <param name="Rows">Values of the rows, as many as there are columns; empty where there is none.</param>
public sealed record ImportTable(IReadOnlyList<string> Columns, IReadOnlyList<IReadOnlyList<string>> Rows)
{
    /// <summary>Most rows taken at once.</summary>
    public const int MostRows = 200_000;

    /// <summary>Most columns taken.</summary>
    public const int MostColumns = 200;

    /// <summary>Values of a column, in order.</summary>
    public IEnumerable<string> ValuesOf(int column) => Rows.Select(row => row[column]);

    /// <summary>
    /// A table of records of different fields: every field that occurs becomes a column, in the order of its first
    /// occurrence.
    /// </summary>
    public static ImportTable Of(IEnumerable<IReadOnlyDictionary<string, string>> records)
    {
        var (columns, all) = (new List<string>(), records.Take(MostRows).ToList());
        var known = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        foreach (var name in all.SelectMany(record => record.Keys))
        {
            if (columns.Count < MostColumns && known.Add(name))
                columns.Add(name);
        }

        return new ImportTable(
            columns,
            [
                .. all.Select(record =>
                    (IReadOnlyList<string>)
                        [.. columns.Select(column => record.TryGetValue(column, out var value) ? value : string.Empty)]
                ),
            ]
        );
    }
}
