using System.Globalization;
using System.Xml;

namespace Antiphon.Core.Tables;

/// <summary>Reads the sheets of an OpenDocument spreadsheet (OpenDocument 1.3, part 3, §9.1) from its content.xml.</summary>
public static class OpenSheetTables
{
    private const string Table = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
    private const string Office = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";
    private const string Text = "urn:oasis:names:tc:opendocument:xmlns:text:1.0";

    /// <summary>The sheets that have rows, in order; null when the document cannot be read.</summary>
    public static IReadOnlyList<NamedTable>? Read(Stream content)
    {
        try
        {
            using var reader = XmlReader.Create(
                content,
                new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null }
            );
            var sheets = new List<(string, ImportTable)>();
            while (!reader.EOF)
            {
                if (
                    reader.NodeType == XmlNodeType.Element
                    && reader.LocalName == "table"
                    && reader.NamespaceURI == Table
                )
                    sheets.Add(SheetOf(reader));
                else
                    reader.Read();
            }

            return NamedTable.Several(sheets);
        }
        catch (XmlException)
        {
            return null;
        }
    }

    private static (string Name, ImportTable Table) SheetOf(XmlReader reader)
    {
        var name = reader.GetAttribute("name", Table) ?? string.Empty;
        var rows = new List<IReadOnlyList<string>>();
        using var sheet = reader.ReadSubtree();
        while (sheet.Read())
        {
            if (sheet.NodeType != XmlNodeType.Element || sheet.NamespaceURI != Table || sheet.LocalName != "table-row")
                continue;
            var times = Times(sheet, "number-rows-repeated");
            var row = RowOf(sheet);
            // Empty rows are repeated to the end of the sheet, a million times.
            if (row.Count == 0)
                continue;
            for (var time = 0; time < times && rows.Count < ImportTable.MostRows; time++)
                rows.Add(row);
        }

        reader.Read();
        return (name, ImportTable.OfRows(rows));
    }

    private static List<string> RowOf(XmlReader sheet)
    {
        var cells = new List<string>();
        using var row = sheet.ReadSubtree();
        row.Read();
        row.Read();
        while (!row.EOF)
        {
            if (
                row.NodeType != XmlNodeType.Element
                || row.NamespaceURI != Table
                || row.LocalName is not ("table-cell" or "covered-table-cell")
            )
            {
                row.Read();
                continue;
            }

            var times = Math.Min(Times(row, "number-columns-repeated"), ImportTable.MostColumns - cells.Count);
            cells.AddRange(Enumerable.Repeat(CellOf(row), times));
        }

        while (cells.Count > 0 && cells[^1].Length == 0)
            cells.RemoveAt(cells.Count - 1);
        return cells;
    }

    // The value is written for programs beside what a reader of the sheet sees, which is rounded and in his language.
    private static string CellOf(XmlReader row)
    {
        var value = row.GetAttribute("value-type", Office) switch
        {
            "date" => row.GetAttribute("date-value", Office)?.Replace('T', ' '),
            "float" or "percentage" or "currency" => row.GetAttribute("value", Office),
            "boolean" => row.GetAttribute("boolean-value", Office),
            _ => row.GetAttribute("string-value", Office),
        };
        var paragraphs = new List<string>();
        using (var cell = row.ReadSubtree())
        {
            while (!cell.EOF)
            {
                if (cell.NodeType == XmlNodeType.Element && cell.LocalName == "annotation")
                    cell.Skip();
                else if (cell.NodeType == XmlNodeType.Element && cell.LocalName == "p" && cell.NamespaceURI == Text)
                    paragraphs.Add(ParagraphOf(cell));
                else
                    cell.Read();
            }
        }

        row.Read();
        return value ?? string.Join('\n', paragraphs);
    }

    private static string ParagraphOf(XmlReader cell)
    {
        var text = new System.Text.StringBuilder();
        using (var paragraph = cell.ReadSubtree())
        {
            while (paragraph.Read())
            {
                if (
                    paragraph.NodeType
                    is XmlNodeType.Text
                        or XmlNodeType.SignificantWhitespace
                        or XmlNodeType.Whitespace
                )
                    text.Append(paragraph.Value);
                else if (paragraph.NodeType == XmlNodeType.Element && paragraph.LocalName is "s" or "tab")
                    text.Append(' ');
                else if (paragraph.NodeType == XmlNodeType.Element && paragraph.LocalName == "line-break")
                    text.Append('\n');
            }
        }

        cell.Read();
        return text.ToString();
    }

    private static int Times(XmlReader reader, string attribute) =>
        int.TryParse(reader.GetAttribute(attribute, Table), CultureInfo.InvariantCulture, out var times) && times > 1
            ? times
            : 1;
}
