using Antiphon.Core.Listings.Styles.Colours;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Styles;

public sealed class ContrastTests
{
    [Theory]
    [InlineData("#000", "#fff", 21)]
    [InlineData("#fff", "#fff", 1)]
    [InlineData("#777", "#fff", 4.48)]
    [InlineData("#767676", "#fff", 4.54)]
    [InlineData("#a9a58f", "#fff", 2.5)]
    [InlineData("#1c2b4a", "#fff", 14.06)]
    public void RatioIsThatOfTheGuidelines(string one, string two, double ratio) =>
        Assert.Equal(ratio, Contrast.Ratio(Colour.Parse(one)!.Value, Colour.Parse(two)!.Value), 0.08);

    [Fact]
    public void TheOrderOfTheTwoDoesNotMatter() =>
        Gen.Select(LookGens.Colours, LookGens.Colours)
            .Sample((one, two) => Assert.Equal(Contrast.Ratio(one, two), Contrast.Ratio(two, one)));

    [Fact]
    public void TheNearestColourAlwaysReads() =>
        Gen.Select(LookGens.Colours, LookGens.Colours)
            .Sample(
                (text, background) =>
                    Assert.True(
                        Contrast.Ratio(Contrast.Nearest(text, background, Contrast.Usual), background) >= Contrast.Usual
                    )
            );

    [Fact]
    public void AColourThatReadsStaysAsItIs() =>
        Gen.Select(LookGens.Colours, LookGens.Colours)
            .Where((text, background) => Contrast.Ratio(text, background) >= Contrast.Large)
            .Sample((text, background) => Assert.Equal(text, Contrast.Nearest(text, background, Contrast.Large)));

    [Fact]
    public void NoColourOnTheSameWayIsNearer() =>
        Gen.Select(LookGens.Colours, LookGens.Colours)
            .Where((text, background) => Contrast.Ratio(text, background) < Contrast.Usual)
            .Sample(
                (text, background) =>
                {
                    var nearest = Contrast.Nearest(text, background, Contrast.Usual);
                    var towards = nearest.Luminance < text.Luminance ? Colour.Black : Colour.White;
                    // Halfway between the two must not do yet, or the nearer would have been given; a step of rounding
                    // is allowed for.
                    var half = nearest.Over(text, 0.5);
                    Assert.True(
                        Contrast.Ratio(half, background) < Contrast.Usual + 0.2
                            || towards.Over(text, 1 / 128d).Equals(nearest)
                    );
                }
            );

    [Fact]
    public void AFaintBylineGetsADarkerOneOfItsOwnHue()
    {
        var nearest = Contrast.Nearest(Colour.Parse("#a9a58f")!.Value, Colour.White, Contrast.Usual);
        Assert.True(nearest.Red > nearest.Blue && nearest.Red < 0xa9);
    }
}
