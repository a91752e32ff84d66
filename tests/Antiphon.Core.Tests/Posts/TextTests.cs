using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;

namespace Antiphon.Core.Tests.Posts;

public sealed class TextTests
{
    [Theory]
    [InlineData("Leonids: three hours, forty-one trails", "leonids-three-hours-forty-one-trails")]
    [InlineData("Café on the moor!", "cafe-on-the-moor")]
    [InlineData("Как красиво", "как-красиво")]
    [InlineData("The owl's wall", "the-owls-wall")]
    [InlineData("???", "post")]
    public void A_slug_is_made_from_the_title(string title, string slug) => Assert.Equal(slug, Slug.FromTitle(title));

    [Theory]
    [InlineData("de-DE", "Geändert: Grüße aus Öland", "geaendert-gruesse-aus-oeland")]
    [InlineData("sv-SE", "Ändrat på Åland", "andrat-pa-aland")]
    [InlineData("da-DK", "Ærø på ny", "aeroe-paa-ny")]
    [InlineData("pl", "Żółta łódź", "zolta-lodz")]
    [InlineData("fr", "L’œuvre d’été", "loeuvre-dete")]
    [InlineData(null, "Größe", "grosse")]
    public void A_slug_is_spelled_as_the_language_of_the_site_spells(string? language, string title, string slug) =>
        Assert.Equal(slug, Slug.FromTitle(title, language));

    [Fact]
    public void A_taken_slug_gets_the_next_number() =>
        Assert.Equal("a-3", Slug.MakeUnique("a", new[] { "a", "a-2" }.Contains));

    [Fact]
    public void A_long_slug_is_cut_between_words() =>
        Assert.InRange(Slug.FromTitle(string.Join(' ', Enumerable.Repeat("moorland", 40))).Length, 60, Slug.MaxLength);

    [Theory]
    [InlineData("one two three", 3, "one two three")]
    [InlineData("one two, three", 2, "one two…")]
    public void Excerpts_end_at_words(string text, int words, string expected) =>
        Assert.Equal(expected, Shortened.ToWords(text, words));

    [Fact]
    public void Character_clusters_are_never_split() =>
        Assert.Equal("👩‍🚀…", Shortened.ToLength("👩‍🚀👩‍🚀👩‍🚀", 2));

    [Theory]
    [InlineData("<p>One</p><p>Two &amp; three</p>", "One Two & three")]
    [InlineData("<style>x{}</style>a<script>b</script>", "a")]
    public void Words_are_taken_out_of_markup(string html, string text) => Assert.Equal(text, HtmlText.Of(html));

    [Theory]
    [InlineData("https://quillmoor.example/visit", true)]
    [InlineData("https://QUILLMOOR.example", true)]
    [InlineData("http://quillmoor.example/", false)]
    [InlineData("https://quillmoor.example.evil.example/", false)]
    [InlineData("null", false)]
    public void Only_allowed_origins_may_embed(string address, bool allowed) =>
        Assert.Equal(allowed, AllowedAddresses.Allows(["https://quillmoor.example/"], address));
}
