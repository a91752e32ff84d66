using System.Globalization;
using ExcelDataReader;
using ExcelDataReader.Exceptions;

namespace Antiphon.Core.Tables;

/// <summary>Reads the sheets of a workbook: Office Open XML (ECMA-376, .xlsx) and the older binary form (.xls).</summary>
public static class ExcelTables
{
    static ExcelTables() => System.Text.Encoding.RegisterProvider(System.Text.CodePagesEncodingProvider.Instance);

    /// <summary>Whether bytes begin like the older binary form.</summary>
    public static bool IsBinaryWorkbook(ReadOnlySpan<byte> bytes) =>
        bytes.StartsWith<byte>([0xD0, 0xCF, 0x11, 0xE0, 0xA1, 0xB1, 0x1A, 0xE1]);

    /// <summary>The sheets that have rows, in order; null when the bytes are no workbook that can be read.</summary>
    public static IReadOnlyList<NamedTable>? Read(byte[] bytes)
    {
        try
        {
            using var reader = ExcelReaderFactory.CreateReader(new MemoryStream(bytes));
            var sheets = new List<(string, ImportTable)>();
            do sheets.Add((reader.Name, ImportTable.OfRows(RowsOf(reader))));
            while (reader.NextResult());
            return NamedTable.Several(sheets);
        }
        // A workbook from outside may break what reads it in any way; that it cannot be read is all there is to say.
        catch (Exception broken) when (broken is not OutOfMemoryException)
        {
            return null;
        }
    }

    private static IEnumerable<IReadOnlyList<string>> RowsOf(IExcelDataReader reader)
    {
        while (reader.Read())
        {
            var cells = new string[Math.Min(reader.FieldCount, ImportTable.MostColumns)];
            for (var index = 0; index < cells.Length; index++)
                cells[index] = TextOf(reader.GetValue(index));
            yield return cells;
        }
    }

    // As the rest of a table is written: dates as in ISO 8601, numbers with a full stop.
    private static string TextOf(object? value) =>
        value switch
        {
            null => string.Empty,
            DateTime { TimeOfDay.Ticks: 0 } day => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            DateTime at => at.ToString("yyyy-MM-dd HH:mm:ss", CultureInfo.InvariantCulture),
            double number => number.ToString("R", CultureInfo.InvariantCulture),
            bool flag => flag ? "true" : "false",
            IFormattable other => other.ToString(null, CultureInfo.InvariantCulture),
            _ => value.ToString() ?? string.Empty,
        };
}
