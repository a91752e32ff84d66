using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Antiphon.Core.Tables;

/// <summary>
/// Reads values separated by commas, semicolons, tabs or bars (RFC 4180 and what spreadsheets write); writes them
/// separated by commas.
/// </summary>
public static class CsvTable
{
    private const int LinesLookedAt = 20;
    private static readonly char[] Separators = [',', ';', '\t', '|'];

    /// <summary>
    /// The table; without rows when the text holds none. The first line names the columns; a column without a name gets
    /// its number.
    /// </summary>
    public static ImportTable Read(string text)
    {
        var settings = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            Delimiter = SeparatorOf(text).ToString(),
            BadDataFound = null,
            MissingFieldFound = null,
            IgnoreBlankLines = true,
            Mode = CsvMode.RFC4180,
        };
        using var parser = new CsvParser(new StringReader(text), settings);
        return ImportTable.OfRows(RowsOf(parser));
    }

    private static IEnumerable<IReadOnlyList<string>> RowsOf(CsvParser parser)
    {
        while (parser.Read())
            yield return parser.Record!;
    }

    /// <summary>
    /// A table with its head (RFC 4180), safe to be opened by spreadsheets: see <see cref="CsvCell"/>.
    /// </summary>
    /// <param name="columns">Names of the columns.</param>
    /// <param name="rows">A value for each column; null for none.</param>
    public static string Write(IEnumerable<string> columns, IEnumerable<IEnumerable<string?>> rows)
    {
        var settings = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            InjectionOptions = InjectionOptions.Escape,
            InjectionCharacters = CsvCell.FormulaBeginnings,
        };
        var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var writer = new CsvWriter(text, settings))
        {
            foreach (var row in rows.Prepend(columns))
            {
                foreach (var value in row)
                    writer.WriteField(value);
                writer.NextRecord();
            }
        }

        return text.ToString();
    }

    /// <summary>
    /// The separator that cuts the first lines into the same number of parts, most parts first. Within quotes nothing
    /// is cut.
    /// </summary>
    public static char SeparatorOf(string text)
    {
        var lines = LinesOf(text);
        return Separators
            .OrderByDescending(separator =>
            {
                var counts = lines.Select(line => Parts(line, separator)).ToList();
                if (counts.Count == 0 || counts[0] < 2)
                    return 0;
                return counts.Count(count => count == counts[0]) * 1000.0 / counts.Count + counts[0];
            })
            .First();
    }

    private static List<string> LinesOf(string text)
    {
        var (lines, start, isQuoted) = (new List<string>(), 0, false);
        for (var index = 0; index < text.Length && lines.Count < LinesLookedAt; index++)
        {
            if (text[index] == '"')
                isQuoted = !isQuoted;
            else if (text[index] == '\n' && !isQuoted)
            {
                if (index > start)
                    lines.Add(text[start..index]);
                start = index + 1;
            }
        }

        if (lines.Count < LinesLookedAt && start < text.Length)
            lines.Add(text[start..]);
        return lines;
    }

    private static int Parts(string line, char separator)
    {
        var (parts, isQuoted) = (1, false);
        foreach (var c in line)
        {
            if (c == '"')
                isQuoted = !isQuoted;
            else if (c == separator && !isQuoted)
                parts++;
        }

        return parts;
    }
}
