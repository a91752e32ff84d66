using Antiphon.Core.Importing.Reading;
using Antiphon.Core.Tables;
using Antiphon.Core.Tests.Html;

namespace Antiphon.Core.Tests.Importing;

/// <summary>Files as tables.</summary>
public sealed class TableTests
{
    [Theory]
    [InlineData("a,b,c\n1,2,3", ',')]
    [InlineData("a;b;c\n1,5;2,5;3", ';')]
    [InlineData("a\tb\n1\t2", '\t')]
    [InlineData("a|b\n1|2", '|')]
    [InlineData("title,text\n\"a;b;c\",\"d;e\"", ',')]
    [InlineData("title\nOnly one column", ',')]
    public void The_separator_is_found(string text, char separator) =>
        Assert.Equal(separator, CsvTable.SeparatorOf(text));

    [Fact]
    public void Quotes_line_breaks_and_gaps_are_read_as_spreadsheets_write_them()
    {
        var table = CsvTable.Read(
            "\uFEFFTitle;Text;Text;\r\n\"Fog; \"\"thick\"\"\";\"one\r\ntwo\"\r\n\r\n;;;\r\nFrost;x;y;z;more\r\n"
        );
        Assert.Equal(["Title", "Text", "Text (3)", "Column 4"], table.Columns);
        Assert.Equal(["Fog; \"thick\"|one\r\ntwo||", "Frost|x|y|z"], table.Rows.Select(row => string.Join('|', row)));
    }

    [Theory]
    [InlineData("")]
    [InlineData("\n\n")]
    [InlineData("title,text\n")]
    public void What_holds_no_rows_gives_none(string text) => Assert.Empty(CsvTable.Read(text).Rows);

    [Theory]
    [InlineData("[{\"title\":\"Fog\",\"tags\":[\"a\",\"b\"],\"n\":3,\"x\":null}]", "title|tags|n|x", "Fog|a, b|3|")]
    [InlineData(
        "{\"site\":\"q\",\"authors\":[{\"id\":1}],\"posts\":[{\"title\":\"Fog\"},{\"title\":\"Frost\"}]}",
        "title",
        "Fog"
    )]
    [InlineData(
        "[{\"author\":{\"name\":\"Ida\",\"id\":2},\"tags\":[{\"name\":\"a\"},{\"slug\":\"b\"}]}]",
        "author.name|author.id|tags",
        "Ida|2|a, b"
    )]
    public void Json_is_a_table_of_its_longest_list(string text, string columns, string row)
    {
        var table = JsonTable.Read(text)!;
        Assert.Equal((columns, row), (string.Join('|', table.Columns), string.Join('|', table.Rows[0])));
    }

    [Theory]
    [InlineData("{")]
    [InlineData("3")]
    [InlineData("[1,2]")]
    [InlineData("{\"a\":{\"b\":1}}")]
    public void What_holds_no_list_of_objects_is_none(string text) => Assert.Null(JsonTable.Read(text));

    [Fact]
    public void A_head_of_yaml_gives_the_fields_of_a_file()
    {
        var record = FrontMatter.Read(
            "posts/2026-11-24-frost.md",
            "---\ntitle: \"Frost: on the finder\"\ntags: [cold, rime]\ndraft: false\ncategories:\n  - Night Log\n---\n\nIt grows *inwards*.\n"
        );
        Assert.Equal(
            ("Frost: on the finder", "cold, rime", "false", "Night Log"),
            (record["title"], record["tags"], record["draft"], record["categories"])
        );
        Assert.Equal(
            ("It grows *inwards*.", "2026-11-24", "frost"),
            (record[FrontMatter.BodyColumn], record["date"], record["slug"])
        );
    }

    [Theory]
    [InlineData("frost-on-the-finder.md", "Just text.", "Frost on the finder", "Just text.")]
    [InlineData("a.md", "# Frost\n\nText.", "Frost", "Text.")]
    [InlineData("a.md", "---\ntitle: [broken\n---\nText.", "A", "---\ntitle: [broken\n---\nText.")]
    [InlineData("a.md", "---\nno end", "A", "---\nno end")]
    [InlineData("a.md", "---\n---\nText.", "A", "Text.")]
    public void A_file_without_a_head_has_a_title_all_the_same(string name, string content, string title, string text)
    {
        var record = FrontMatter.Read(name, content);
        Assert.Equal((title, text), (record["title"], record[FrontMatter.BodyColumn]));
    }

    [Fact]
    public void Anchors_that_grow_without_end_are_not_followed()
    {
        var bomb =
            "---\ntitle: Frost\na0: &a0 [x,x]\n"
            + string.Concat(Enumerable.Range(1, 150).Select(n => $"a{n}: &a{n} [*a{n - 1},*a{n - 1}]\n"))
            + "---\nText.";
        var record = FrontMatter.Read("a.md", bomb);
        Assert.Equal(("Frost", "Text."), (record["title"], record[FrontMatter.BodyColumn]));
        Assert.InRange(record.Values.Sum(value => value.Length), 1, 5000);
    }

    [Theory]
    [InlineData("[", 20_000)]
    [InlineData("{", 20_000)]
    [InlineData("- ", 20_000)]
    [InlineData("? ", 20_000)]
    [InlineData("a: [b, c, d]\n", 9_000)]
    public void A_head_nested_or_long_beyond_reason_stays_part_of_the_text(string piece, int times) =>
        Assert.StartsWith(
            "---",
            FrontMatter.Read("a.md", "---\nx: " + string.Concat(Enumerable.Repeat(piece, times)) + "\n---\nText.")[
                FrontMatter.BodyColumn
            ],
            StringComparison.Ordinal
        );

    [Fact]
    public void A_head_gives_words_lists_and_what_they_are_named_after()
    {
        var record = FrontMatter.Read(
            "a.md",
            "---\ntitle: &t \"Frost: found\"\ntags: [moor, 'night']\nagain: *t\nlist:\n  - one\n  - two\ninner: {a: b}\nnothing: ~\n---\nText."
        );
        Assert.Equal(
            ("Frost: found", "moor, night", "Frost: found", "one, two"),
            (record["title"], record["tags"], record["again"], record["list"])
        );
        Assert.Equal((string.Empty, string.Empty), (record["inner"], record["nothing"]));
    }

    [Fact]
    public void A_page_gives_its_post_without_what_stands_around_it()
    {
        var html =
            "<html><head><title>Frost – Moor</title><meta property=\"article:published_time\" content=\"2026-11-24T20:00:00Z\"><meta property=\"og:image\" content=\"/f.jpg\"><meta name=\"author\" content=\"Ida\"><link rel=\"canonical\" href=\"/frost\"></head>"
            + "<body><nav>Home</nav><article><h1>Frost</h1><p>It grows.</p><script>x()</script><aside>Ad</aside></article><footer>Imprint</footer></body></html>";
        var page = PageRecord.Read(TestPage.Of(html), new Uri("https://moor.example/p?id=1"))!;
        Assert.Equal(("Frost", "<p>It grows.</p>", "Ida"), (page["title"], page["text"].Trim(), page["author"]));
        Assert.Equal(
            ("2026-11-24T20:00:00Z", "https://moor.example/f.jpg", "https://moor.example/frost"),
            (page["date"], page["picture"], page["link"])
        );
    }

    [Fact]
    public void A_page_without_an_article_gives_the_part_with_most_text()
    {
        var page = PageRecord.Read(
            TestPage.Of(
                "<title>T</title><div id=menu><a>One</a></div><div id=main><p>The long text of the post.</p><p>And more.</p></div><div><p>Short</p></div>"
            ),
            new Uri("https://moor.example/")
        )!;
        Assert.Contains("The long text", page["text"], StringComparison.Ordinal);
        Assert.DoesNotContain("Short", page["text"], StringComparison.Ordinal);
    }

    [Fact]
    public void A_page_without_text_is_no_post() =>
        Assert.Null(
            PageRecord.Read(TestPage.Of("<html><body><nav>Home</nav></body></html>"), new Uri("https://moor.example/"))
        );
}
