using Antiphon.Core.Feeds.Aloud;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Tests.Feeds;

public sealed class SpokenEntryTests
{
    private static readonly Feed Feed = new() { Title = "Workshop Bench" };

    [Fact]
    public void Title_and_source_come_first()
    {
        var item = new FeedItem
        {
            Title = "Polishing &amp; patience",
            Published = new DateTimeOffset(2026, 11, 3, 9, 0, 0, TimeSpan.Zero),
            Authors = { new FeedPerson("Corin Abel", null, null) },
        };
        Assert.Equal(
            ["Polishing & patience", "From Workshop Bench, by Corin Abel, 3 November 2026"],
            SpokenEntry.Of(Feed, item, SpokenWords.English)
        );
    }

    [Theory]
    [InlineData("<p>One.</p><p>Two <a href=\"https://a.example/\">more</a>.</p>", "One.|Two link: more.")]
    [InlineData(
        "<img src=\"https://a.example/a.png\" alt=\"The rim\"><img src=\"https://a.example/b.png\"><img src=\"https://a.example/c.png\" alt=\"\">",
        "Picture: The rim|A picture without words"
    )]
    [InlineData("<h2>Tools</h2><ul><li>Pitch</li><li>Cerium</li></ul>", "Heading: Tools|List of 2|Pitch|Cerium")]
    [InlineData("<blockquote>Patience</blockquote>after", "Quote: Patience|after")]
    [InlineData("<script>alert(1)</script>Plain", "Plain")]
    public void What_is_in_the_text_is_announced(string html, string spoken) =>
        Assert.Equal(
            spoken.Split('|'),
            SpokenEntry.Of(new Feed(), new FeedItem { Title = "t", ContentHtml = html }, SpokenWords.English).Skip(1)
        );

    [Fact]
    public void It_is_announced_in_the_language_of_whoever_listens()
    {
        var item = new FeedItem
        {
            Published = new DateTimeOffset(2026, 3, 3, 9, 0, 0, TimeSpan.Zero),
            ContentHtml =
                "<h2>Kuppel</h2><ul><li>Reif</li></ul><img src=\"https://a.example/b.png\"><a href=\"https://a.example/\">mehr</a>",
        };
        Assert.Equal(
            "Ein Eintrag ohne Titel|Aus Workshop Bench, 3. März 2026|Überschrift: Kuppel|Liste (1)|Reif|Ein Bild ohne Beschreibung|Link: mehr",
            string.Join('|', SpokenEntry.Of(Feed, item, SpokenWords.For("de")))
        );
    }

    [Fact]
    public void An_entry_without_a_title_says_so() =>
        Assert.Equal("An entry without a title", SpokenEntry.Of(Feed, new FeedItem(), SpokenWords.English)[0]);

    [Fact]
    public void Deep_markup_is_no_crash() =>
        Assert.NotEmpty(
            SpokenEntry.Of(
                Feed,
                new FeedItem { Title = "t", ContentHtml = string.Concat(Enumerable.Repeat("<div>", 5000)) + "x" },
                SpokenWords.English
            )
        );
}
