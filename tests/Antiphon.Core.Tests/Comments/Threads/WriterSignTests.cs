using Antiphon.Core.Comments.Threads;

namespace Antiphon.Core.Tests.Comments.Threads;

/// <summary>What stands for a writer without a picture.</summary>
public sealed class WriterSignTests
{
    [Theory]
    [InlineData("Hedda Voss", "HV")]
    [InlineData("wilf  van der ormerod", "WO")]
    [InlineData("starry_deals", "S")]
    [InlineData("Émile (Leeds)", "É")]
    [InlineData("李 小龍", "李小")]
    [InlineData("𐐨𐐯 𐐻", "𐐀𐐓")]
    [InlineData("7th Moor", "7M")]
    [InlineData("…", "")]
    [InlineData("  ", "")]
    public void Initials_are_those_of_the_first_and_last_word(string name, string initials) =>
        Assert.Equal(initials, WriterSign.InitialsOf(name));

    [Fact]
    public void A_name_keeps_its_tone_and_names_spread_over_all()
    {
        Assert.Equal(WriterSign.ToneOf("Ida Marsh"), WriterSign.ToneOf(" ida marsh "));
        var tones = Enumerable.Range(0, 400).GroupBy(at => WriterSign.ToneOf($"Reader {at}")).ToList();
        Assert.Equal(WriterSign.Tones, tones.Count);
        Assert.All(tones, tone => Assert.InRange(tone.Count(), 25, 90));
    }
}
