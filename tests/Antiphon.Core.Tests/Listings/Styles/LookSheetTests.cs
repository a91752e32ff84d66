using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Core.Tests.Listings.Styles;

public sealed class LookSheetTests
{
    private static string Sheet(ListingLook look) => LookSheet.Of(look, ".here");

    [Fact]
    public void AnInheritedLookSaysNothing() => Assert.Empty(Sheet(ListingLook.Inherited));

    [Fact]
    public void EverythingStandsUnderTheListingsOwnSelector()
    {
        var css = Sheet(
            new ListingLook
            {
                Padding = 12,
                Colours = LookColours.Inherited with { Link = "#123456" },
                Css = "title { order: 2 }",
            }
        );
        Assert.StartsWith(".here{", css);
        Assert.EndsWith("}", css);
        Assert.Contains("padding:12px", css);
        Assert.Contains("color:#123456", css);
        Assert.Contains(".antiphon-title{order:2}", css);
    }

    [Fact]
    public void WhatIsNoColourNeverReachesThePage() =>
        Assert.DoesNotContain(
            "url",
            Sheet(new ListingLook { Colours = LookColours.Inherited with { Text = "red}body{background:url(x)" } })
        );

    [Fact]
    public void FollowingTheReaderHasBothForms()
    {
        var css = Sheet(
            new ListingLook
            {
                Theme = LookTheme.Reader,
                DarkColours = LookColours.Inherited with { Background = "#101820" },
            }
        );
        Assert.Contains("@media (prefers-color-scheme:dark)", css);
        Assert.Contains("background-color:#101820", css);
        Assert.Contains("background-color:#ffffff", css);
    }

    [Theory]
    [InlineData("Georgia, serif", "Georgia,serif")]
    [InlineData("Source Serif 4, 'Old Style', serif", "\"Source Serif 4\",\"Old Style\",serif")]
    [InlineData("a;} body{", null)]
    [InlineData(" , ", null)]
    [InlineData(null, null)]
    public void FontFamiliesAreWrittenSafely(string? given, string? written) =>
        Assert.Equal(written, FontFamilies.Clean(given));

    [Fact]
    public void ASeparatingPictureIsTakenFromWebAddressesOnly()
    {
        Assert.Contains(
            "url(\"https://quillmoor.example/star.svg\")",
            Sheet(
                new ListingLook
                {
                    Separator = EntrySeparator.Picture,
                    SeparatorPicture = "https://quillmoor.example/star.svg",
                }
            )
        );
        Assert.DoesNotContain(
            "url(",
            Sheet(new ListingLook { Separator = EntrySeparator.Picture, SeparatorPicture = "javascript:x" })
        );
    }
}
