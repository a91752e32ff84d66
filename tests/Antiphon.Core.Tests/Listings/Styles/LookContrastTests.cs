using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Core.Tests.Listings.Styles;

public sealed class LookContrastTests
{
    private static readonly LookColours White = LookColours.Inherited with
    {
        Background = "#ffffff",
        Text = "#222222",
        Link = "#8a5a12",
    };

    [Fact]
    public void WhatTheLookDoesNotSayIsThePages()
    {
        var pairs = LookContrast.Of(ListingLook.Inherited, White);
        Assert.Equal("#8a5a12", pairs.Single(pair => pair.Part == LookPart.Link).Colour);
        Assert.All(pairs, pair => Assert.Null(pair.Nearest));
    }

    [Fact]
    public void AFaintColourIsToldWithTheNearestThatReads()
    {
        var look = new ListingLook { Colours = LookColours.Inherited with { Byline = "#a9a58f" } };
        var byline = LookContrast.Of(look, White).Single(pair => pair.Part == LookPart.Byline);
        Assert.Equal(2.5, byline.Ratio, 0.1);
        Assert.True(Contrast.Ratio(Colour.Parse(byline.Nearest)!.Value, Colour.White) >= Contrast.Usual);
    }

    [Theory]
    [InlineData(24, null, 3)]
    [InlineData(23, null, 4.5)]
    [InlineData(19, 700, 3)]
    [InlineData(18, 700, 4.5)]
    [InlineData(null, 900, 4.5)]
    public void LargeTextNeedsLess(int? size, int? weight, double needed)
    {
        var look = new ListingLook { HeadingType = new PartType(null, size, weight) };
        Assert.Equal(needed, LookContrast.Of(look, White).Single(pair => pair.Part == LookPart.Heading).Needed);
    }

    [Theory]
    [InlineData(LookTheme.Light)]
    [InlineData(LookTheme.Dark)]
    [InlineData(LookTheme.Reader)]
    public void OurOwnPalettesRead(LookTheme theme)
    {
        var pairs = LookContrast.Of(new ListingLook { Theme = theme }, LookColours.Inherited);
        Assert.All(pairs, pair => Assert.Null(pair.Nearest));
        Assert.Equal(theme == LookTheme.Reader ? 10 : 5, pairs.Count);
    }
}
