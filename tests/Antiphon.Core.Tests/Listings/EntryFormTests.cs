using Antiphon.Core.Listings.Definition;
using CsCheck;

namespace Antiphon.Core.Tests.Listings;

public sealed class EntryFormTests
{
    private const string Text = "The fog came. We went home early, all of us! Was it worth it? Perhaps.";

    [Theory]
    [InlineData(ExcerptSource.OwnOrText, "Own.", "Own.")]
    [InlineData(ExcerptSource.OwnOrText, null, "The fog came. We…")]
    [InlineData(ExcerptSource.OwnOnly, null, null)]
    [InlineData(ExcerptSource.OwnOnly, "Own.", "Own.")]
    [InlineData(ExcerptSource.TextOnly, "Own.", "The fog came. We…")]
    public void AnExcerptComesFromWhereItIsAskedFor(ExcerptSource source, string? own, string? excerpt) =>
        Assert.Equal(excerpt, (EntryForm.Usual with { ExcerptSource = source, ExcerptWords = 4 }).Excerpt(own, Text));

    [Theory]
    [InlineData(20, true, "The fog came.")]
    [InlineData(50, true, "The fog came. We went home early, all of us!")]
    [InlineData(20, false, "The fog came. We…")]
    [InlineData(500, true, Text)]
    public void AnExcerptCanEndWithASentence(int characters, bool atSentence, string excerpt) =>
        Assert.Equal(
            excerpt,
            (EntryForm.Usual with { ExcerptCharacters = characters, ExcerptAtSentence = atSentence }).Excerpt(
                null,
                Text
            )
        );

    [Fact]
    public void WhereNoSentenceFitsTheCutStands() =>
        Assert.EndsWith(
            "…",
            (EntryForm.Usual with { ExcerptCharacters = 20, ExcerptAtSentence = true }).Excerpt(
                null,
                "One long sentence without an end in sight for a while."
            )
        );

    [Fact]
    public void AllPartsStandOnceWhateverIsAsked() =>
        Gen.Enum<EntryPart>()
            .Array[0, 9]
            .Sample(parts =>
            {
                var all = (EntryForm.Usual with { Parts = parts }).AllParts;
                Assert.Equal(6, all.Count);
                Assert.Equal(6, all.Distinct().Count());
                Assert.Equal(parts.Distinct(), all.Take(parts.Distinct().Count()));
            });

    [Fact]
    public void TheBylineStandsAboveWhenAsked()
    {
        var all = (EntryForm.Usual with { BylineAbove = true }).AllParts.ToList();
        Assert.True(all.IndexOf(EntryPart.Byline) < all.IndexOf(EntryPart.Title));
    }
}
