using Antiphon.Core.Html;
using Antiphon.Core.Importing.Reading;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Tests.Importing;

/// <summary>The tables of a page, as somebody sees them.</summary>
public sealed class PageTableTests
{
    private static readonly Uri Address = new("https://quillmoor.example/log/");

    [Fact]
    public void A_table_is_read_with_the_links_of_its_cells()
    {
        var table = Assert.Single(
            Tables(
                "<table><caption>Night log</caption><thead><tr><th>Title<th>Date</thead><tr><td><a href=\"frost\">Frost</a><td>24 Nov 2026<tr><td>Fog<td>25 Nov 2026</table>"
            )
        );
        Assert.Equal("Night log", table.Name);
        Assert.Equal(["Title", "Date", "Title (link)"], table.Table.Columns);
        Assert.Equal(["Frost|24 Nov 2026|https://quillmoor.example/log/frost", "Fog|25 Nov 2026|"], Lines(table));
    }

    [Fact]
    public void Cells_over_several_rows_and_columns_say_the_same_in_each() =>
        Assert.Equal(
            ["Frost|Nights|Nights", "Fog|Nights|Nights", "Thaw|Days|Late"],
            Lines(
                Assert.Single(
                    Tables(
                        "<table><tr><th>Title<th>Kind<th>More<tr><td>Frost<td rowspan=2 colspan=2>Nights<tr><td>Fog<tr><td>Thaw<td>Days<td>Late</table>"
                    )
                )
            )
        );

    [Fact]
    public void Text_with_markup_stays_and_what_runs_does_not() =>
        Assert.Equal(
            ["Frost|<p>It <b>grows</b>.</p>|https://quillmoor.example/f.jpg"],
            Lines(
                Assert.Single(
                    Tables(
                        "<table><tr><th>Title<th>Text<th>Picture<tr><td>Frost<td><p onclick=x()>It <b>grows</b>.</p><script>x()</script><td><img src=\"/f.jpg\"></table>"
                    )
                )
            )
        );

    [Fact]
    public void Tables_are_named_by_their_headings_and_layouts_left_out() =>
        Assert.Equal(
            ["Moths", "#2"],
            Tables(
                    "<table><tr><td><table><tr><td>x</table></table><h2>Moths</h2><p>All of them.</p><table><tr><th>a<th>b<tr><td>1<td>2</table><div><table><tr><th>a<th>b<tr><td>1<td>2</table></div>"
                )
                .Select(one => one.Name)
        );

    private static IReadOnlyList<NamedTable> Tables(string html) =>
        PageTables.Read(HtmlReader.ReadOrWords(html), Address);

    private static IEnumerable<string> Lines(NamedTable table) => table.Table.Rows.Select(row => string.Join('|', row));
}
