using Antiphon.Core.Listings.Styles.Css;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Styles;

public sealed class PartCssTests
{
    private static readonly string[] Pieces =
    [
        "title",
        "{",
        "}",
        "body",
        "color:red",
        ";",
        "@media x",
        "/*",
        "*/",
        "\"",
        "'",
        "(",
        ")",
        ",",
        "*",
        "\\",
        "\n",
        " ",
        ":",
        "url(",
        "listing",
        "~",
        "--a:",
        "\r",
        "\f",
        "\0",
        "\r\n",
        "title{--x:\"a\r}}body{color:red}b{c:\"}",
        "content:'",
        "url('a\f')",
    ];

    [Theory]
    [InlineData("title { letter-spacing: .02em }", "& .antiphon-title{letter-spacing:.02em}")]
    [InlineData("listing { padding: 1em }", "&{padding:1em}")]
    [InlineData(
        "entry:hover title, byline { color: red; }",
        "& .antiphon-entry:hover .antiphon-title,& .antiphon-byline{color:red}"
    )]
    [InlineData("entry > picture { opacity: .8 }", "& .antiphon-entry > .antiphon-picture{opacity:.8}")]
    [InlineData("entry:nth-child(2n + 1) { order: 1 }", "& .antiphon-entry:nth-child(2n + 1){order:1}")]
    [InlineData(
        "link { --mine: 3px; width: clamp(1px, 2vw, 9px) }",
        "& .antiphon-title a{--mine:3px;width:clamp(1px, 2vw, 9px)}"
    )]
    [InlineData("/* a } comment */ title { color: /* x */ red }", "& .antiphon-title{color:red}")]
    [InlineData("title::after { content: \"}\" }", "& .antiphon-title::after{content:\"}\"}")]
    [InlineData(
        "@media (min-width: 600px) { title { color: red } }",
        "@media (min-width: 600px){\n& .antiphon-title{color:red}\n}"
    )]
    public void CssForPartsIsTaken(string css, string taken)
    {
        var (text, problems) = PartCss.Confine(css);
        Assert.Empty(problems);
        Assert.Equal(taken, text.Trim());
    }

    [Theory]
    [InlineData("body { color: red }", CssProblemKind.UnknownPart, "body", null)]
    [InlineData("titel { color: red }", CssProblemKind.UnknownPart, "titel", "title")]
    [InlineData("* { color: red }", CssProblemKind.UnknownPart, "*", null)]
    [InlineData(".antiphon-title { color: red }", CssProblemKind.UnknownPart, ".antiphon-title", null)]
    [InlineData("title:not(body) { color: red }", CssProblemKind.UnknownPart, "title:not(body)", null)]
    [InlineData("listing + entry { color: red }", CssProblemKind.ReachesOut, "listing + entry", null)]
    [InlineData("title { colr: red }", CssProblemKind.UnknownProperty, "colr: red", "color")]
    [InlineData("title { color: rde }", CssProblemKind.BadValue, "color: rde", null)]
    [InlineData("title { color }", CssProblemKind.NoDeclaration, "color", null)]
    [InlineData("title { color: }", CssProblemKind.NoDeclaration, "color:", null)]
    [InlineData("title { position: fixed }", CssProblemKind.ReachesOut, "position: fixed", null)]
    [InlineData(
        "title { background: url(javascript:alert(1)) }",
        CssProblemKind.ReachesOut,
        "background: url(javascript:alert(1))",
        null
    )]
    [InlineData(
        "title { background: url('http://tracker.example/a') }",
        CssProblemKind.ReachesOut,
        "background: url('http://tracker.example/a')",
        null
    )]
    [InlineData("@import url(x.css); title { color: red", CssProblemKind.RuleNotTaken, "@import url(x.css)", null)]
    [InlineData("@font-face { font-family: x }", CssProblemKind.RuleNotTaken, "@font-face", null)]
    [InlineData("title { color: red", CssProblemKind.NotClosed, "title", null)]
    [InlineData("title { color: { ; --b: } }", CssProblemKind.NotClosed, "--b: }", null)]
    [InlineData("title { width: calc(\"; }", CssProblemKind.NotClosed, "title", null)]
    [InlineData("/* open", CssProblemKind.NotClosed, "/*", null)]
    [InlineData("} title { color: red }", CssProblemKind.NotClosed, "}", null)]
    public void WhatCannotBeTakenIsLeftOutAndTold(string css, CssProblemKind kind, string detail, string? suggestion)
    {
        var (_, problems) = PartCss.Confine(css);
        Assert.Contains(new CssProblem(1, kind, detail, suggestion), problems);
    }

    [Fact]
    public void AProblemHasItsLineAndTheRestIsKept()
    {
        var (text, problems) = PartCss.Confine(
            "title {\n  color: red;\n  colr: blue;\n}\n\n/* two\nlines */\nbody { margin: 0 }\nbyline { color: green }"
        );
        Assert.Equal([3, 8], problems.Select(problem => problem.Line));
        Assert.Equal("& .antiphon-title{color:red}\n& .antiphon-byline{color:green}", text.Trim());
    }

    [Fact]
    public void NothingEndsTheStyleElementAroundIt() =>
        Assert.DoesNotContain("</style", PartCss.Confine("title::after { content: \"</style><script>\" }").Css);

    [Fact]
    public void WhateverIsTypedStaysInTheListing() =>
        Gen.Int[0, Pieces.Length - 1]
            .Select(index => Pieces[index])
            .Array[0, 24]
            .Sample(
                pieces =>
                {
                    var (text, _) = PartCss.Confine(string.Concat(pieces));
                    var bare = System.Text.RegularExpressions.Regex.Replace(text, "\"[^\"]*\"|'[^']*'", string.Empty);
                    Assert.Equal(bare.Count(c => c == '{'), bare.Count(c => c == '}'));
                    foreach (var line in bare.Split('\n').Where(line => line.Contains('{') && !line.StartsWith('@')))
                        Assert.StartsWith("&", line);
                },
                iter: 3000
            );

    [Theory]
    [InlineData("title{--x:\"a\r}}body{background:red}b{c:\"}")]
    [InlineData("title{--x:\"a\f}}body{background:red}b{c:\"}")]
    [InlineData("title{--x:'a\r\n}}body{background:red}b{c:'}")]
    [InlineData("title{content:\"a\n}}body{background:red}b{c:\"}")]
    [InlineData("@media (min-width:1px) { title{--x:\"a\r}}}body{background:red}b{c:\"} }")]
    public void No_line_break_leads_out_of_a_listing(string css) => AssertConfined(css);

    [Theory]
    [InlineData("title{--x:url(a' ) }} body{background:red} b{c:' )}")]
    [InlineData("title{--x:url(a\" ) }} body{background:red} b{c:\" )}")]
    [InlineData("title{--x:URL(,url(,'a')}")]
    [InlineData("title{--x:url(https://a.example/a' ) }} body{background:red} b{c:' )}")]
    [InlineData("title{background:url(https://a.example/(a' ) }} body{background:red} b{c:' ))}")]
    [InlineData("title{--x:url(https://a.example/a\" ) }} body{background:red} b{c:\" )}")]
    [InlineData("title{content:'url(,' }")]
    [InlineData("title{--a url(x:1;color:red} byline{content:') }} body{background:red} b{c:'}")]
    [InlineData("title{con,url(,url(x:';content:'} byline{content:') }} body{background:red} b{c:'}")]
    [InlineData("title{--a[(:1;color:red} byline{content:')] }} body{background:red} b{c:'}")]
    [InlineData("title{color:url(a(' ) }} body{background:red} b{c:' ))}")]
    [InlineData("title{--x:u\\72l(a' ) }} body{background:red} b{c:' )}")]
    [InlineData("title{--x:\\75 rl(a' ) }} body{background:red} b{c:' )}")]
    public void No_address_that_other_readers_end_elsewhere_leads_out_of_a_listing(string css) => AssertConfined(css);

    [Fact]
    public void Whatever_is_written_another_reader_of_CSS_finds_nothing_but_rules_of_the_listing()
    {
        var random = new Random(20261130);
        string[] seeds =
        [
            "title { color: red }",
            "@media (min-width: 600px) { entry > title { content: \"}\" } byline { --a: 'x' } }",
            "entry:hover title, byline { background: url(\"https://a.example/x.png\") }",
        ];
        for (var count = Antiphon.Tests.Mutations.Count(3000); count > 0; count--)
            AssertConfined(Antiphon.Tests.Mutations.Of(seeds[random.Next(seeds.Length)], Pieces, random));
    }

    // The nesting of the listing's own rule is taken off, so that each rule stands alone and says whom it is for.
    private static void AssertConfined(string css)
    {
        var taken = PartCss.Confine(css).Css;
        var sheet = new AngleSharp.Css.Parser.CssParser().ParseStyleSheet(
            taken.Replace("&", ".in", StringComparison.Ordinal) + "\n.after{color:red}"
        );
        var selectors = sheet
            .Rules.SelectMany(rule => rule is AngleSharp.Css.Dom.ICssGroupingRule group ? group.Rules.ToList() : [rule])
            .OfType<AngleSharp.Css.Dom.ICssStyleRule>()
            .Select(rule => rule.SelectorText)
            .ToList();
        Assert.True(selectors[^1] == ".after" && !selectors.Contains(null!), $"{css}\n---\n{taken}");
        Assert.All(selectors.SkipLast(1).SelectMany(selector => selector.Split(',')), selector =>
            Assert.StartsWith(".in", selector.Trim(), StringComparison.Ordinal)
        );
    }
}
