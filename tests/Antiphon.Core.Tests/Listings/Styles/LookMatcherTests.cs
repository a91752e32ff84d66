using AngleSharp.Html.Parser;
using Antiphon.Core.Listings.Styles.Matching;

namespace Antiphon.Core.Tests.Listings.Styles;

public sealed class LookMatcherTests
{
    private const string Page = """
        <html><head><link rel="stylesheet" href="/site.css"><link rel="stylesheet" media="print" href="/print.css"></head>
        <body><header><h2>Quillmoor</h2><a href="/">Home</a></header>
        <main class="page"><h2>Clear nights</h2><p>The dome opens <a href="/visit">on Friday</a>.</p><button>Book</button></main></body></html>
        """;

    private static Dictionary<FoundProperty, FoundValue> Match(string css, string page = Page) =>
        LookMatcher
            .Match(new HtmlParser().ParseDocument(page), [new PageSheet("site.css", css, null)])
            .ToDictionary(found => found.Property);

    [Fact]
    public void ColoursComeWithTheRuleTheyStandIn()
    {
        var found = Match(
            "body{background:#fbf9f4;color:#232323} h2{color:#1c2b4a} main a{color:rgb(138,90,18)} button{background:#1f6f6b;border-radius:4px}"
        );
        Assert.Equal(
            new FoundValue(FoundProperty.Background, "#fbf9f4", "body", "site.css"),
            found[FoundProperty.Background]
        );
        Assert.Equal(new FoundValue(FoundProperty.Text, "#232323", "body", "site.css"), found[FoundProperty.Text]);
        Assert.Equal(new FoundValue(FoundProperty.Heading, "#1c2b4a", "h2", "site.css"), found[FoundProperty.Heading]);
        Assert.Equal(new FoundValue(FoundProperty.Link, "#8a5a12", "main a", "site.css"), found[FoundProperty.Link]);
        Assert.Equal(
            new FoundValue(FoundProperty.Accent, "#1f6f6b", "button", "site.css"),
            found[FoundProperty.Accent]
        );
        Assert.Equal("4", found[FoundProperty.Radius].Value);
    }

    [Theory]
    [InlineData("h2{color:red} h2{color:blue}", "#0000ff")]
    [InlineData("main h2{color:red} h2{color:blue}", "#ff0000")]
    [InlineData("h2{color:red !important} main h2{color:blue}", "#ff0000")]
    [InlineData("h1,h2,h3{color:red} h1{color:blue}", "#ff0000")]
    [InlineData(".page{color:red} body{color:blue}", "#ff0000")]
    [InlineData("header h2{color:red} body{color:blue}", "#0000ff")]
    [InlineData(":root{--ink:#123456} h2{color:var(--ink)}", "#123456")]
    [InlineData(":root{--a:var(--b);--b:teal} h2{color:var(--a)}", "#008080")]
    [InlineData("h2{color:var(--missing, #abcdef)}", "#abcdef")]
    [InlineData("h2{color:red} @media print{h2{color:blue}}", "#ff0000")]
    [InlineData("h2{color:red} @media (max-width:600px){h2{color:blue}}", "#ff0000")]
    [InlineData("h2{color:red} @media (min-width:40em){h2{color:blue}}", "#0000ff")]
    [InlineData("h2{color:red} @media (prefers-color-scheme:dark){h2{color:blue}}", "#ff0000")]
    [InlineData("}}} p{} ??? {} h2{color:red", "#ff0000")]
    public void TheRuleThatWinsOnADesktopScreenIsTaken(string css, string colour) =>
        Assert.Equal(colour, Match(css)[FoundProperty.Heading].Value);

    [Theory]
    [InlineData("html{font-size:20px} p{font-size:1.5rem}", "30")]
    [InlineData("body{font-size:15px} main{font-size:120%}", "18")]
    [InlineData("body{font-size:small}", "13")]
    [InlineData("p{font-size:12pt}", "16")]
    [InlineData("p{font-size:calc(1px + 2vw)}", "16")]
    [InlineData("", "16")]
    public void SizesAreInPixels(string css, string size) =>
        Assert.Equal(size, Match(css)[FoundProperty.TextSize].Value);

    [Fact]
    public void TypeIsTakenOver()
    {
        var found = Match(
            "body{font:17px/1.5 'Palatino Linotype',Georgia,serif} h2{font:600 1.5em Gill Sans,sans-serif} p{margin:0 0 1em}"
        );
        Assert.Equal("\"Palatino Linotype\",Georgia,serif", found[FoundProperty.TextFamily].Value);
        Assert.Equal("\"Gill Sans\",sans-serif", found[FoundProperty.HeadingFamily].Value);
        Assert.Equal("26", found[FoundProperty.HeadingSize].Value);
        Assert.Equal("600", found[FoundProperty.HeadingWeight].Value);
        Assert.Equal("17", found[FoundProperty.Spacing].Value);
    }

    [Theory]
    [InlineData("")]
    [InlineData("<p>")]
    [InlineData("<html><body></body></html>")]
    public void APageThatSaysNothingHasTheBrowsersOwnBackground(string page) =>
        Assert.Equal(
            new FoundValue(FoundProperty.Background, "#ffffff", null, null),
            Match("", page)[FoundProperty.Background]
        );

    [Fact]
    public void WhatThePageHasNoneOfIsReadAsItWouldBe()
    {
        var found = Match(
            "h2{color:#1c2b4a} p a{color:#8a5a12}",
            "<main><h1>Only a title</h1><div data-antiphon-listing=\"x\"><h2>Ours</h2><p><a href=\"/\">ours</a></p></div></main>"
        );
        Assert.Equal(("#1c2b4a", "#8a5a12"), (found[FoundProperty.Heading].Value, found[FoundProperty.Link].Value));
    }

    [Fact]
    public void SheetsAreFoundInOrderAndOnlyThoseForScreens()
    {
        var page = new HtmlParser().ParseDocument(
            "<base href='/deep/'><style>p{}</style><link rel='alternate stylesheet' href='other.css'><link rel=stylesheet href='a.css?v=2'><link rel=stylesheet media=print href=p.css>"
        );
        var sheets = PageSheets.Of(page, new Uri("https://quillmoor.example/visit"));
        Assert.Equal([PageSheets.InPage, "a.css"], sheets.Select(sheet => sheet.Name));
        Assert.Equal("https://quillmoor.example/deep/a.css?v=2", sheets[1].Address?.AbsoluteUri);
    }
}
