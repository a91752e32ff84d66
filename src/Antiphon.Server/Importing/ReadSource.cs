using Antiphon.Core.Importing;
using Antiphon.Core.Tables;

namespace Antiphon.Server.Importing;

/// <summary>What was read of a file or an address.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Tables">Its tables, at least one where there is no problem.</param>
/// <param name="Problem">Why it cannot be taken, in plain words; null when it can.</param>
internal sealed record ReadSource(ImportKind Kind, IReadOnlyList<NamedTable> Tables, string? Problem = null)
{
    /// <summary>Something that cannot be taken.</summary>
    public static ReadSource Refused(ImportKind kind, string problem) => new(kind, [], problem);

    /// <summary>One table; refused when it has no rows.</summary>
    public static ReadSource Of(ImportKind kind, ImportTable table) => Of(kind, NamedTable.Only(table));

    /// <summary>Tables; refused when none has rows.</summary>
    public static ReadSource Of(ImportKind kind, IReadOnlyList<NamedTable> tables) =>
        tables.Any(one => one.Table.Rows.Count > 0)
            ? new ReadSource(kind, tables)
            : Refused(kind, "There are no rows in it.");

    /// <summary>The table of that name; where none is named, or it is gone, the longest.</summary>
    public NamedTable Chosen(string? name = null) =>
        Tables.FirstOrDefault(one => one.Name == name) ?? Tables.MaxBy(one => one.Table.Rows.Count)!;
}
