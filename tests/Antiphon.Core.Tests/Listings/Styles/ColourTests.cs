using Antiphon.Core.Listings.Styles.Colours;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Styles;

public sealed class ColourTests
{
    [Theory]
    [InlineData("#1f6f6b", "#1f6f6b")]
    [InlineData("#FFF", "#ffffff")]
    [InlineData(" rgb(31, 111, 107) ", "#1f6f6b")]
    [InlineData("rgb(31 111 107)", "#1f6f6b")]
    [InlineData("hsl(0, 100%, 50%)", "#ff0000")]
    [InlineData("rebeccapurple", "#663399")]
    [InlineData("rgba(255,0,0,.5)", "#ff8080")]
    public void EveryWayCssWritesAColourIsRead(string text, string code) =>
        Assert.Equal(code, Colour.Parse(text)?.ToString());

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("reed")]
    [InlineData("#12")]
    [InlineData("transparent")]
    [InlineData("inherit")]
    [InlineData("red;background:url(x)")]
    [InlineData("red}body{color:blue")]
    public void WhatIsNoColourIsNone(string? text) => Assert.Null(Colour.Parse(text));

    [Fact]
    public void APartlyTransparentColourIsWhatShowsOnItsBackground() =>
        Assert.Equal("#800000", Colour.Parse("rgba(255,0,0,.5)", Colour.Black)?.ToString());

    [Fact]
    public void ReadingWhatIsWrittenGivesTheSameColour() =>
        LookGens.Colours.Sample(colour => Assert.Equal(colour, Colour.Parse(colour.ToString())), iter: 200);
}
