using Antiphon.Core.Languages;

namespace Antiphon.Core.Tests.Languages;

public sealed class PhraseTests
{
    private const string Counted = "{count, plural, =0 {none of {site}} one {# of {site}} other {# all of {site}}}";

    [Theory]
    [InlineData(0, "none of Quillmoor")]
    [InlineData(1, "1 of Quillmoor")]
    [InlineData(12, "12 all of Quillmoor")]
    public void A_choice_by_number_may_hold_other_places(int count, string text) =>
        Assert.Equal(text, new Phrase(Counted, "en").With(("count", count), ("site", "Quillmoor")));

    [Fact]
    public void What_stands_at_a_place_is_not_read_as_a_pattern() =>
        Assert.Equal("“{x} # 5” is here", new Phrase("“{title}” is here", "en").With("title", "{x} # 5"));

    [Fact]
    public void A_place_without_a_value_is_an_error_of_the_program() =>
        Assert.Throws<ArgumentException>(() => new Phrase("{name} wrote", "en").With("title", "x"));

    [Theory]
    [InlineData("{name")]
    [InlineData("name}")]
    [InlineData("{count, select, other {x}}")]
    [InlineData("{count, plural, one {x}}")]
    [InlineData("{count, plural, one {x} other {y}")]
    public void A_pattern_that_is_none_is_refused(string pattern) =>
        Assert.Throws<FormatException>(() => new Phrase(pattern, "en"));

    // The sample numbers of CLDR's plural rules.
    [Theory]
    [InlineData("en", "one", "1")]
    [InlineData("en", "other", "0 2 16 100 1000")]
    [InlineData("fr", "one", "0 1")]
    [InlineData("fr", "other", "2 17 100")]
    [InlineData("pl", "one", "1")]
    [InlineData("pl", "few", "2 3 4 22 23 24 32 102 1002")]
    [InlineData("pl", "many", "0 5 12 13 14 19 21 25 112 1000")]
    [InlineData("ar", "zero", "0")]
    [InlineData("ar", "one", "1")]
    [InlineData("ar", "two", "2")]
    [InlineData("ar", "few", "3 10 103 110 1003")]
    [InlineData("ar", "many", "11 26 99 111 1011")]
    [InlineData("ar", "other", "100 101 102 200 1000")]
    [InlineData("he", "one", "1")]
    [InlineData("he", "two", "2")]
    [InlineData("he", "other", "0 3 17 20 100")]
    public void Numbers_take_the_forms_of_their_language(string language, string form, string numbers)
    {
        const string Pattern = "{n, plural, zero {zero} one {one} two {two} few {few} many {many} other {other}}";
        var phrase = new Phrase(Pattern, language);
        Assert.All(numbers.Split(' '), number => Assert.Equal(form, phrase.With("n", long.Parse(number, null))));
    }
}
