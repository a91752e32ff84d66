namespace Antiphon.Core.Tables;

/// <summary>One of several tables of a document.</summary>
/// <param name="Name">What the document calls it: the name of a sheet, the caption of a table; different from the
/// others, and empty where the document is one table.</param>
/// <param name="Table">The table.</param>
public sealed record NamedTable(string Name, ImportTable Table)
{
    /// <summary>The table of a document that is one.</summary>
    public static IReadOnlyList<NamedTable> Only(ImportTable table) => [new(string.Empty, table)];

    /// <summary>Tables under names of their own; those without rows are left out.</summary>
    public static IReadOnlyList<NamedTable> Several(IEnumerable<(string Name, ImportTable Table)> tables)
    {
        var named = new List<NamedTable>();
        var taken = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        foreach (var (name, table) in tables.Where(one => one.Table.Rows.Count > 0))
        {
            var (free, number) = (name, 1);
            while (!taken.Add(free))
                free = $"{name} ({++number})";
            named.Add(new NamedTable(free, table));
        }

        return named;
    }
}
