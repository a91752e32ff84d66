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
    /// A table of rows, of which the first names the columns; a column without a name gets its number. Rows that say
    /// nothing are left out, as is everything where there is but a head.
    /// </summary>
    public static ImportTable OfRows(IEnumerable<IReadOnlyList<string>> rows)
    {
        var filled = rows.Where(row => row.Any(value => !string.IsNullOrWhiteSpace(value)));
        IReadOnlyList<string>? columns = null;
        var values = new List<IReadOnlyList<string>>();
        foreach (var row in filled)
        {
            if (columns is null)
                columns = Named(row);
            else if (values.Count < MostRows)
                values.Add([.. columns.Select((_, index) => index < row.Count ? row[index] : string.Empty)]);
            else
                break;
        }

        return new ImportTable(columns ?? [], values);
    }

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

    private static List<string> Named(IReadOnlyList<string> first)
    {
        var names = new List<string>();
        foreach (
            var (raw, index) in first.Take(MostColumns).Select((raw, index) => (raw.Trim().TrimStart('\uFEFF'), index))
        )
        {
            var name = raw.Length == 0 ? $"Column {index + 1}" : raw;
            names.Add(names.Contains(name, StringComparer.OrdinalIgnoreCase) ? $"{name} ({index + 1})" : name);
        }

        return names;
    }
}
