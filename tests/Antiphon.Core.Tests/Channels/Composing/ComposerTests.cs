using Antiphon.Core.Channels.Composing;
using CsCheck;

namespace Antiphon.Core.Tests.Channels.Composing;

public sealed class ComposerTests
{
    private static readonly TextTemplate Usual = TextTemplate.Read("{title}\n\n{excerpt}\n\n{link} {tags}").Template!;
    private static readonly CountRule Rule = new(120, 23);

    [Fact]
    public void What_fits_stays_whole()
    {
        var text = Composer.Compose(Usual, Post("First frost", "It came early.", "frost", "night sky"), Rule);
        Assert.Equal(
            ("First frost\n\nIt came early.\n\nhttps://quillmoor.example/first-frost #frost #nightSky", 69),
            (text.Text, text.Count)
        );
        Assert.Empty(text.Shortened);
        Assert.Equal(120 - 69, text.Left);
    }

    [Fact]
    public void The_short_text_goes_first_then_tags_then_the_title_and_never_the_link()
    {
        var words = string.Join(' ', Enumerable.Repeat("frost", 40));
        Assert.Equal(["excerpt"], Composer.Compose(Usual, Post("First frost", words, "frost"), Rule).Shortened);
        Assert.Equal(
            ["excerpt", "tags"],
            Composer.Compose(Usual, Post(words[..70], words, "observatory", "planetary nebula"), Rule).Shortened
        );
        var all = Composer.Compose(Usual, Post(words, words, "frost", "night"), Rule);
        Assert.Equal(["excerpt", "tags", "title"], all.Shortened);
        Assert.EndsWith("https://quillmoor.example/first-frost", all.Text, StringComparison.Ordinal);
        Assert.Contains("…", all.Text, StringComparison.Ordinal);
        Assert.InRange(all.Count, 100, 120);
    }

    [Fact]
    public void Nothing_fits_where_the_words_of_the_template_are_too_many()
    {
        var text = Composer.Compose(
            TextTemplate.Read(new string('x', 150) + " {link}").Template!,
            Post("First frost", ""),
            Rule
        );
        Assert.Equal(-54, text.Left);
    }

    [Fact]
    public void Whatever_a_post_says_the_text_fits_and_holds_the_link() =>
        Gen.Select(
                Gen.String[Gen.Char["ab éß🔭 .,"], 1, 300],
                Gen.String[Gen.Char["ab éß🔭 .,"], 0, 900],
                Gen.String[Gen.Char["abc 9"], 0, 30].Array[0, 8]
            )
            .Sample(
                (title, excerpt, tags) =>
                {
                    var text = Composer.Compose(Usual, Post(title, excerpt, tags), new CountRule(300, 23));
                    return text.Left >= 0
                        && text.Text.Contains("https://quillmoor.example/first-frost", StringComparison.Ordinal)
                        && text.Count == new CountRule(300, 23).Of(text.Text);
                }
            );

    [Theory]
    [InlineData("frost", "#frost")]
    [InlineData("night sky", "#nightSky")]
    [InlineData("C/2026 A1", "#C2026A1")]
    [InlineData("Perséides d'août", "#PerséidesDAoût")]
    [InlineData("!!", "#")]
    public void A_tag_is_written_as_networks_link_it(string tag, string written) =>
        Assert.Equal(written, Composer.HashTag(tag));

    [Theory]
    [InlineData("Look up tonight: {link}", "Look up tonight: https://quillmoor.example/first-frost")]
    [InlineData("{title}  {{sic}}", "First frost {sic}")]
    [InlineData("Two  spaces\n\n\nand lines", "Two  spaces\n\n\nand lines")]
    [InlineData("What {nobody} fills", "What {nobody} fills")]
    public void A_text_of_ones_own_has_its_fields_filled_and_is_else_left_to_the_letter(string text, string said) =>
        Assert.Equal(said, Composer.Own(text, Post("First frost", "It came early."), Rule).Text);

    [Theory]
    [InlineData("https://a.example/p", "Lantern", "", "https://a.example/p?utm_source=Lantern&utm_medium=social")]
    [InlineData(
        "https://a.example/p?x=1#top",
        "L&M",
        "spring sky",
        "https://a.example/p?x=1&utm_source=L%26M&utm_medium=social&utm_campaign=spring%20sky#top"
    )]
    [InlineData("https://a.example/p", "", "spring", "https://a.example/p")]
    public void A_link_may_say_where_its_readers_came_from(
        string address,
        string source,
        string campaign,
        string link
    ) => Assert.Equal(link, CampaignLink.Of(address, source, "social", campaign));

    private static PostFacts Post(string title, string excerpt, params string[] tags) =>
        new(
            title,
            excerpt,
            "https://quillmoor.example/first-frost",
            "Ida Marsh",
            "Nights",
            tags,
            "27 November 2026",
            "The Night Log",
            "Quillmoor"
        );
}
