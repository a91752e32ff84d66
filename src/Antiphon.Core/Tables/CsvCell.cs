namespace Antiphon.Core.Tables;

/// <summary>
/// What keeps a cell of a table from being run as a formula by a spreadsheet: an apostrophe before it, which is taken
/// off again when the table comes back.
/// </summary>
public static class CsvCell
{
    /// <summary>
    /// Characters that begin a formula. The apostrophe itself too, so that a text that begins with one comes back with
    /// it.
    /// </summary>
    internal static readonly char[] FormulaBeginnings = ['=', '+', '-', '@', '\t', '\r', '\''];

    /// <summary>The value of a cell that was read.</summary>
    public static string Read(string value) =>
        value.Length > 1 && value[0] == '\'' && FormulaBeginnings.Contains(value[1]) ? value[1..] : value;
}
