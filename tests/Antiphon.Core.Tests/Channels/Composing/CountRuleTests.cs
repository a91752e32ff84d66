using Antiphon.Core.Channels.Composing;
using CsCheck;

namespace Antiphon.Core.Tests.Channels.Composing;

public sealed class CountRuleTests
{
    private static readonly CountRule Rule = new(500, 23);

    [Theory]
    [InlineData("", 0)]
    [InlineData("night", 5)]
    [InlineData("nuït", 4)]
    [InlineData("nui\u0308t", 4)]
    [InlineData("🔭", 1)]
    [InlineData("👩‍🚀", 1)]
    [InlineData("🏴󠁧󠁢󠁳󠁣󠁴󠁿 sky", 5)]
    [InlineData("각각", 2)]
    [InlineData("a\r\nb", 3)]
    public void What_a_reader_sees_as_one_character_counts_one(string text, int count) =>
        Assert.Equal(count, Rule.Of(text));

    [Theory]
    [InlineData("https://log.quillmoor.example/a", 23)]
    [InlineData("See https://log.quillmoor.example/a/very/long/address?with=more&and=more.", 28)]
    [InlineData("(https://quillmoor.example)", 25)]
    [InlineData("http://a.example http://b.example", 47)]
    [InlineData("quillmoor.example", 17)]
    public void A_link_counts_the_same_however_long_it_is(string text, int count) => Assert.Equal(count, Rule.Of(text));

    [Fact]
    public void Where_links_cost_nothing_special_they_count_as_long_as_they_are() =>
        Assert.Equal(24, new CountRule(300, 0).Of("http://quillmoor.example"));

    [Theory]
    [InlineData("one two three", 13, "one two three")]
    [InlineData("one two three", 12, "one two…")]
    [InlineData("one two three", 8, "one two…")]
    [InlineData("one two three", 7, "one…")]
    [InlineData("one, two", 5, "one…")]
    [InlineData("unbreakable", 6, "")]
    [InlineData("one", 0, "")]
    public void A_text_is_cut_between_words(string text, int most, string cut) =>
        Assert.Equal(cut, CountRule.Cut(text, most));

    [Fact]
    public void What_is_cut_never_counts_more_than_was_left_for_it() =>
        Gen.Select(Gen.String[Gen.Char["ab éß🔭 .,-"], 0, 80], Gen.Int[0, 60])
            .Sample(
                (text, most) =>
                    CountRule.Clusters(CountRule.Cut(text, most)) <= Math.Max(most, 0)
                    || CountRule.Clusters(text) <= most
            );

    [Fact]
    public void The_parts_of_a_text_count_as_much_as_the_whole() =>
        Gen.Select(Gen.String[Gen.Char["ab é"], 0, 40], Gen.String[Gen.Char["ab é"], 0, 40])
            .Sample((left, right) => Rule.Of(left + "\n" + right) == Rule.Of(left) + 1 + Rule.Of(right));
}
