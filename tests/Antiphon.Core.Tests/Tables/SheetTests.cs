using System.Text;
using Antiphon.Core.Tables;
using Antiphon.Tests;

namespace Antiphon.Core.Tests.Tables;

/// <summary>Spreadsheets of both open forms give the same tables.</summary>
public sealed class SheetTests
{
    [Fact]
    public void A_workbook_gives_its_sheets() => AssertSheets(ExcelTables.Read(MadeSheets.Excel()));

    [Fact]
    public void An_open_document_gives_its_sheets() =>
        AssertSheets(OpenSheetTables.Read(new MemoryStream(Encoding.UTF8.GetBytes(MadeSheets.OpenContent))));

    [Theory]
    [InlineData("")]
    [InlineData("PK\u0003\u0004 broken")]
    [InlineData("not a sheet")]
    public void What_is_no_workbook_is_none(string content) =>
        Assert.Null(ExcelTables.Read(Encoding.UTF8.GetBytes(content)));

    [Fact]
    public void A_workbook_broken_anywhere_never_throws()
    {
        var whole = MadeSheets.Excel();
        for (var at = 0; at < whole.Length; at += 23)
        {
            var broken = whole.ToArray();
            broken[at] ^= 0x5A;
            var tables = ExcelTables.Read(broken);
            Assert.True(tables is null || tables.All(one => one.Table.Rows.Count > 0));
        }
    }

    [Theory]
    [InlineData("<a><b>")]
    [InlineData("<!DOCTYPE a [<!ENTITY b \"c\">]><a>&b;</a>")]
    public void Content_that_is_broken_or_brings_entities_is_none(string content) =>
        Assert.Null(OpenSheetTables.Read(new MemoryStream(Encoding.UTF8.GetBytes(content))));

    [Fact]
    public void Sheets_of_one_name_are_told_apart_and_empty_ones_left_out()
    {
        var table = new ImportTable(
            ["a"],
            [
                ["1"],
            ]
        );
        Assert.Equal(
            ["Log", "log (2)", "Log (3)"],
            NamedTable
                .Several([("Log", table), ("log", table), ("Empty", new ImportTable(["a"], [])), ("Log", table)])
                .Select(one => one.Name)
        );
    }

    private static void AssertSheets(IReadOnlyList<NamedTable>? sheets)
    {
        Assert.Equal(["Moths", "Night log"], sheets!.Select(one => one.Name));
        var log = sheets![1].Table;
        Assert.Equal(["Title", "Text", "Date"], log.Columns);
        Assert.Equal(
            ["Frost|It came early.|2026-11-24", "Fog|Grey.|2026-11-25 12:00:00"],
            log.Rows.Select(row => string.Join('|', row))
        );
    }
}
