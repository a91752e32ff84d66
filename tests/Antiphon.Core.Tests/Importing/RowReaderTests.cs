using Antiphon.Core.Importing;
using Antiphon.Core.Importing.Tidying;
using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Tests.Importing;

/// <summary>Rows as posts, and clutter taken out.</summary>
public sealed class RowReaderTests
{
    private static readonly string[] Columns =
    [
        "id",
        "title",
        "text",
        "date",
        "author",
        "category",
        "tags",
        "slug",
        "picture",
        "status",
        "seeing",
    ];
    private static readonly OwnField[] Fields =
    [
        new("seeing", "Seeing", OwnFieldKind.Choice, ["good", "poor"], null, true, true),
    ];
    private static readonly DateTimeOffset Now = new(2026, 11, 26, 20, 0, 0, TimeSpan.Zero);

    private static readonly ImportPlan Plan = new(
        [
            .. new[]
            {
                ImportTarget.Identifier,
                ImportTarget.Title,
                ImportTarget.Body,
                ImportTarget.Date,
                ImportTarget.Author,
                ImportTarget.Category,
                ImportTarget.Tags,
                ImportTarget.Slug,
                ImportTarget.Picture,
                ImportTarget.Status,
            }.Select((target, index) => new ColumnMapping(Columns[index], target)),
            new ColumnMapping("seeing", ImportTarget.OwnField, "seeing"),
        ],
        DateForm.DayFirst,
        ",",
        false,
        null,
        null,
        false,
        true
    );

    [Fact]
    public void A_row_becomes_a_post()
    {
        var row = Read([
            "7",
            "Frost &amp; fog",
            "One\n\nTwo",
            "24/11/2026",
            "Ida",
            "Night Log, Frost",
            "cold, rime, cold",
            "/2026/frost.html",
            "https://a.example/f.jpg",
            "published",
            "GOOD",
        ]);
        Assert.Equal(
            ("7", "Frost & fog", "<p>One</p><p>Two</p>", PostStatus.Published),
            (row.Key, row.Title, row.BodyHtml, row.Status)
        );
        Assert.Equal(
            ("Ida", "Night Log", "Frost", "cold rime", "frost"),
            (row.Author, row.Category, string.Join(' ', row.MoreCategories), string.Join(' ', row.Tags), row.Slug)
        );
        Assert.Equal(new FieldValue("seeing", "good"), Assert.Single(row.OwnValues));
    }

    [Theory]
    [InlineData("title", "", "no title")]
    [InlineData("date", "soon", "“soon” is not a recognised date")]
    [InlineData("date", "24/11/2199", "still to come")]
    [InlineData("seeing", "splendid", "“Seeing”")]
    public void What_cannot_be_a_post_says_why(string column, string value, string words)
    {
        string[] row = ["7", "Frost", "x", "24/11/2026", "", "", "", "", "", "", ""];
        row[Array.IndexOf(Columns, column)] = value;
        var (read, refusal) = new RowReader(Columns, Plan, Fields, "Europe/London", Now).Read(3, row);
        Assert.Null(read);
        Assert.Contains(words, refusal, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("status", "draft", PostStatus.Draft)]
    [InlineData("status", "Publish", PostStatus.Published)]
    [InlineData("status", "", PostStatus.Draft)]
    [InlineData("status", "inreview", PostStatus.Draft)]
    [InlineData("status", "withdrawn", PostStatus.Draft)]
    [InlineData("status", "something new", PostStatus.Draft)]
    [InlineData("status", "Published", PostStatus.Published)]
    [InlineData("draft", "", PostStatus.Published)]
    [InlineData("draft", "perhaps", PostStatus.Draft)]
    [InlineData("draft", "true", PostStatus.Draft)]
    [InlineData("draft", "false", PostStatus.Published)]
    [InlineData("published", "false", PostStatus.Draft)]
    [InlineData("published", "true", PostStatus.Published)]
    public void A_row_says_whether_it_is_a_draft(string column, string value, PostStatus status)
    {
        var plan = Plan with { Columns = [new("title", ImportTarget.Title), new(column, ImportTarget.Status)] };
        Assert.Equal(
            status,
            new RowReader(["title", column], plan, [], "Etc/UTC", Now).Read(1, ["Frost", value]).Row!.Status
        );
    }

    [Fact]
    public void What_has_no_date_though_others_have_one_is_a_draft() =>
        Assert.Equal(PostStatus.Draft, Read(["7", "Frost", "x", "", "", "", "", "", "", "", ""]).Status);

    [Fact]
    public void Everything_can_come_in_as_a_draft() =>
        Assert.Equal(
            PostStatus.Draft,
            new RowReader(Columns, Plan with { AsDrafts = true }, Fields, "Etc/UTC", Now)
                .Read(1, ["7", "Frost", "x", "24/11/2026", "", "", "", "", "", "published", ""])
                .Row!.Status
        );

    [Fact]
    public void Identifiers_stand_for_names_of_another_table()
    {
        var plan = Plan with
        {
            Names = new Dictionary<string, string> { ["12"] = "Ida Marsh", ["3"] = "Night Log" },
        };
        var row = new RowReader(Columns, plan, Fields, "Etc/UTC", Now)
            .Read(1, ["7", "Frost", "x", "", "12", "3", "", "", "", "", ""])
            .Row!;
        Assert.Equal(("Ida Marsh", "Night Log"), (row.Author, row.Category));
    }

    [Fact]
    public void A_changed_row_is_told_by_its_mark()
    {
        string[] row = ["7", "Frost", "x", "", "", "", "", "", "", "", ""];
        var first = Read(row);
        Assert.Equal(first.Mark, Read([.. row]).Mark);
        row[2] = "y";
        Assert.Equal((first.Key, false), (Read(row).Key, first.Mark == Read(row).Mark));
    }

    [Fact]
    public void Nothing_that_runs_comes_in()
    {
        var row = Read([
            "7",
            "<script>alert(1)</script>Frost",
            "<p onclick=\"x()\">a</p><script>alert(1)</script><a href=\"javascript:x()\">b</a>",
            "",
            "",
            "",
            "",
            "",
            "javascript:x()",
            "",
            "",
        ]);
        Assert.Equal(("Frost", "<p>a</p><a>b</a>", null), (row.Title, row.BodyHtml, row.Picture));
        Assert.Contains("left out", Assert.Single(row.Reservations), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Plain & simple\nline\n\nnext", "<p>Plain &amp; simple<br>line</p><p>next</p>")]
    [InlineData("## Head\n\nText with **bold**.", "<h2>Head</h2>\n<p>Text with <strong>bold</strong>.</p>")]
    [InlineData("<p>Html</p>", "<p>Html</p>")]
    [InlineData("Some <b>bold</b> words", "<p>Some <b>bold</b> words</p>")]
    [InlineData("2 < 3 and 5 > 4", "<p>2 &lt; 3 and 5 &gt; 4</p>")]
    [InlineData("", "")]
    public void The_form_of_a_text_is_found(string text, string html) => Assert.Equal(html, BodyFormat.ToHtml(text));

    [Theory]
    [InlineData("<p>a</p><p>&nbsp;</p><p></p><p>b</p>", "<p>a</p><p>b</p>", 2)]
    [InlineData("<p style=\"color:red\">a</p>", "<p>a</p>", 1)]
    [InlineData("<p>a<img src=\"https://t.example/p.gif\" width=\"1\" height=\"1\"></p>", "<p>a</p>", 1)]
    [InlineData("<p>a<br><br><br>b</p>", "<p>a<br>b</p>", 2)]
    [InlineData("<p>[gallery ids=\"1,2\"]a[/caption] [sic] [note]</p>", "<p>a [sic] [note]</p>", 2)]
    [InlineData("<p><span><font>a</font></span></p>", "<p>a</p>", 0)]
    [InlineData("<p>[1, 2] and a[0] = b</p>", "<p>[1, 2] and a[0] = b</p>", 0)]
    [InlineData(
        "<p><img src=\"https://a.example/a.png\" alt=\"A\"></p><div class=\"block-contents\"></div>",
        "<p><img src=\"https://a.example/a.png\" alt=\"A\"></p><div class=\"block-contents\"></div>",
        0
    )]
    public void Clutter_is_taken_out_and_counted(string html, string tidy, int count)
    {
        var result = BodyTidying.Tidy(html);
        Assert.Equal((tidy, count), (result.Html, result.Total));
        Assert.Equal((tidy, 0), (BodyTidying.Tidy(result.Html).Html, BodyTidying.Tidy(result.Html).Total));
    }

    private static ImportedRow Read(string[] row) =>
        new RowReader(Columns, Plan, Fields, "Europe/London", Now).Read(1, row).Row!;
}
