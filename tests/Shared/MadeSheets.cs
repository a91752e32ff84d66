using System.IO.Compression;
using System.Text;

namespace Antiphon.Tests;

/// <summary>Spreadsheets of two sheets, made by hand: “Moths” with one row, and “Night log” with two.</summary>
internal static class MadeSheets
{
    /// <summary>A workbook of Office Open XML (ECMA-376).</summary>
    public static byte[] Excel() =>
        Packed(
            (
                "[Content_Types].xml",
                """<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/></Types>"""
            ),
            (
                "_rels/.rels",
                """<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="xl/workbook.xml"/></Relationships>"""
            ),
            (
                "xl/workbook.xml",
                """<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="Moths" sheetId="1" r:id="s1"/><sheet name="Night log" sheetId="2" r:id="s2"/></sheets></workbook>"""
            ),
            (
                "xl/_rels/workbook.xml.rels",
                """<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="s1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="s2" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet2.xml"/><Relationship Id="s3" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles" Target="styles.xml"/></Relationships>"""
            ),
            (
                "xl/styles.xml",
                """<styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><cellXfs count="2"><xf numFmtId="0"/><xf numFmtId="14" applyNumberFormat="1"/></cellXfs></styleSheet>"""
            ),
            ("xl/worksheets/sheet1.xml", Sheet(Row("Title"), Row("Moths"))),
            (
                "xl/worksheets/sheet2.xml",
                Sheet(
                    Row("Title", "Text", "Date"),
                    Row("Frost", "It came early.", 46350),
                    "<row/>",
                    Row("Fog", "Grey.", 46351.5)
                )
            )
        );

    /// <summary>An OpenDocument spreadsheet (OpenDocument 1.3).</summary>
    public static byte[] OpenDocument() =>
        Packed(("mimetype", "application/vnd.oasis.opendocument.spreadsheet"), ("content.xml", OpenContent));

    /// <summary>The content of the OpenDocument spreadsheet.</summary>
    public const string OpenContent = """
        <office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet>
        <table:table table:name="Moths"><table:table-row><table:table-cell><text:p>Title</text:p></table:table-cell></table:table-row><table:table-row><table:table-cell><text:p>Moths</text:p></table:table-cell></table:table-row></table:table>
        <table:table table:name="Night log">
        <table:table-row><table:table-cell office:value-type="string"><text:p>Title</text:p></table:table-cell><table:table-cell><text:p>Text</text:p></table:table-cell><table:table-cell><text:p>Date</text:p></table:table-cell><table:table-cell table:number-columns-repeated="16000"/></table:table-row>
        <table:table-row><table:table-cell><text:p>Frost</text:p></table:table-cell><table:table-cell><office:annotation><text:p>a remark</text:p></office:annotation><text:p>It came<text:s/>early.</text:p></table:table-cell><table:table-cell office:value-type="date" office:date-value="2026-11-24"><text:p>24.11.26</text:p></table:table-cell></table:table-row>
        <table:table-row table:number-rows-repeated="3"><table:table-cell table:number-columns-repeated="3"/></table:table-row>
        <table:table-row><table:table-cell><text:p>Fog</text:p></table:table-cell><table:table-cell><text:p>Grey.</text:p></table:table-cell><table:table-cell office:value-type="date" office:date-value="2026-11-25T12:00:00"><text:p>25.11.26</text:p></table:table-cell></table:table-row>
        <table:table-row table:number-rows-repeated="1048570"><table:table-cell table:number-columns-repeated="16384"/></table:table-row>
        </table:table></office:spreadsheet></office:body></office:document-content>
        """;

    private static string Sheet(params string[] rows) =>
        $"""<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>{string.Concat(rows)}</sheetData></worksheet>""";

    private static string Row(params object[] cells) =>
        "<row>"
        + string.Concat(
            cells.Select(cell =>
                cell is string text
                    ? $"<c t=\"inlineStr\"><is><t>{text}</t></is></c>"
                    : FormattableString.Invariant($"<c s=\"1\"><v>{cell}</v></c>")
            )
        )
        + "</row>";

    private static byte[] Packed(params (string Name, string Content)[] files)
    {
        var bytes = new MemoryStream();
        using (var archive = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (name, content) in files)
            {
                using var entry = archive.CreateEntry(name).Open();
                entry.Write(Encoding.UTF8.GetBytes(content));
            }
        }

        return bytes.ToArray();
    }
}
