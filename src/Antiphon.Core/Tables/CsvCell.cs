namespace Antiphon.Core.Tables;

/// <summary>A cell of a table for spreadsheets (RFC 4180). What a spreadsheet would run as a formula gets an apostrophe before it, which is taken off again when the table comes back.</summary>
public static class CsvCell
{
    /// <summary>The cell as it is written; empty for null.</summary>
    public static string Write(string? value)
    {
        var safe = value is { Length: > 0 } && IsFormula(value[0]) ? $"'{value}" : value ?? string.Empty;
        return safe.AsSpan().ContainsAny(",\"\r\n")
            ? $"\"{safe.Replace("\"", "\"\"", StringComparison.Ordinal)}\""
            : safe;
    }

    /// <summary>The value of a cell that was read.</summary>
    public static string Read(string value) =>
        value.Length > 1 && value[0] == '\'' && IsFormula(value[1]) ? value[1..] : value;

    // The apostrophe itself too, so that a text that begins with one comes back with it.
    private static bool IsFormula(char first) => first is '=' or '+' or '-' or '@' or '\t' or '\r' or '\'';
}
