using System.Globalization;
using Antiphon.Core.Html;
using Antiphon.Core.Text;
using CsCheck;

namespace Antiphon.Core.Tests.Text;

public sealed class TextCutTests
{
    [Fact]
    public void A_cut_text_is_never_longer_than_asked() =>
        Gen.Select(Gen.String, Gen.Int[1, 60])
            .Sample(
                (text, length) =>
                    Assert.InRange(
                        new StringInfo(Shortened.ToLength(text, length)).LengthInTextElements,
                        0,
                        Math.Max(length, 2)
                    )
            );

    [Fact]
    public void A_short_text_stays_as_it_is() =>
        Gen.String[0, 20].Sample(text => Assert.Equal(text, Shortened.ToLength(text, 20)));

    [Theory]
    [InlineData("e\u0301e\u0301e\u0301e\u0301", 2, "e\u0301…")]
    [InlineData("👨‍👩‍👧‍👦👨‍👩‍👧‍👦👨‍👩‍👧‍👦", 2, "👨‍👩‍👧‍👦…")]
    [InlineData("🇬🇧🇫🇷🇩🇪", 2, "🇬🇧…")]
    [InlineData("Leonids: three hours", 12, "Leonids:…")]
    [InlineData("Leonids", 7, "Leonids")]
    public void Clusters_are_whole_and_words_too_where_they_can_be(string text, int length, string cut) =>
        Assert.Equal(cut, Shortened.ToLength(text, length));

    [Fact]
    public void So_many_words_and_no_more() =>
        Gen.Select(Gen.String.Array[0, 30], Gen.Int[1, 20])
            .Sample(
                (parts, words) =>
                    Assert.InRange(
                        Shortened
                            .ToWords(string.Join(' ', parts), words)
                            .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
                            .Length,
                        0,
                        words
                    )
            );

    [Theory]
    [InlineData("https://quillmoor.example", "quillmoor.example")]
    [InlineData("https://quillmoor.example/a/?b=1&utm_medium=x&c=2", "quillmoor.example/a?b=1&c=2")]
    [InlineData("HTTP://WWW.Quillmoor.Example/A", "quillmoor.example/A")]
    [InlineData("https://quillmoor.example:443/a", "quillmoor.example/a")]
    [InlineData("https://quillmoor.example/a?UTM_SOURCE=x", "quillmoor.example/a")]
    [InlineData("quillmoor.example", null)]
    [InlineData("", null)]
    [InlineData(null, null)]
    public void Spellings_of_one_page_are_one(string? address, string? folded) =>
        Assert.Equal(folded, FoldedAddress.Of(address));

    [Fact]
    public void Folding_twice_changes_nothing_more() =>
        Gen.String[Gen.Char.AlphaNumeric, 1, 12]
            .Sample(path =>
                Assert.Equal(
                    FoldedAddress.Of($"https://a.example/{path}"),
                    FoldedAddress.Of("http://" + FoldedAddress.Of($"https://www.a.example/{path}/"))
                )
            );

    [Theory]
    [InlineData("<p>One<br>two</p><ul><li>three</li><li>four</li></ul>", "One two three four")]
    [InlineData("a&nbsp;b &lt;c&gt;", "a b <c>")]
    [InlineData("<!-- hidden -->seen", "seen")]
    [InlineData("", "")]
    [InlineData(null, "")]
    public void Text_of_markup_reads_as_people_see_it(string? html, string text) =>
        Assert.Equal(text, HtmlText.Of(html).Replace('\u00A0', ' '));

    [Fact]
    public void Text_of_anything_never_throws() => Gen.String.Sample(html => Assert.NotNull(HtmlText.Of("<p>" + html)));

    [Theory]
    [InlineData("<img src=\"a.jpg\" alt=\"The dome\">", "a.jpg", "The dome")]
    [InlineData("<p>x</p><IMG SRC='b.png'>", "b.png", null)]
    [InlineData("<img src=\"pixel.gif\" width=\"1\" height=\"1\"><img src=\"c.jpg\">", "c.jpg", null)]
    public void The_first_picture_that_shows_something_is_taken(string html, string url, string? alt) =>
        Assert.Equal((url, alt), FirstPicture.In(html));

    [Theory]
    [InlineData("<p>no picture</p>")]
    [InlineData("<img alt=\"no address\">")]
    [InlineData(null)]
    public void No_picture_is_none(string? html) => Assert.Null(FirstPicture.In(html));
}
