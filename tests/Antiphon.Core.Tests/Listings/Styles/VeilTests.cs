using Antiphon.Core.Listings.Styles.Colours;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Styles;

public sealed class VeilTests
{
    [Fact]
    public void WhiteOnABlackVeilReadsOnAnyPicture()
    {
        var opacity = Veil.OpacityFor(Colour.White, Colour.Black)!.Value;
        Assert.InRange(opacity, 50, 60);
        LookGens.Colours.Sample(picture =>
            Assert.True(Contrast.Ratio(Colour.White, Colour.Black.Over(picture, opacity / 100d)) >= Contrast.Usual)
        );
    }

    [Fact]
    public void WhatIsFoundAlwaysReads() =>
        Gen.Select(LookGens.Colours, LookGens.Colours, LookGens.Colours)
            .Sample(
                (text, veil, picture) =>
                {
                    if (Veil.OpacityFor(text, veil) is { } opacity)
                        Assert.True(Contrast.Ratio(text, veil.Over(picture, opacity / 100d)) >= Contrast.Usual - 0.1);
                    else
                        Assert.True(Contrast.Ratio(text, veil) < Contrast.Usual);
                }
            );

    [Fact]
    public void AVeilOfTheTextsOwnColourHelpsNever() =>
        LookGens.Colours.Sample(colour => Assert.Null(Veil.OpacityFor(colour, colour)));
}
