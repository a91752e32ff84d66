using Antiphon.Core.Listings.Looks;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Looks;

public sealed class PartCssTests
{
    private static readonly string[] Pieces =
        ["title", "{", "}", "body", "color:red", ";", "@media x", "/*", "*/", "\"", "'", "(", ")", ",", "*", "\\", "\n", " ", ":", "url(", "listing", "~", "--a:"];

    [Theory]
    [InlineData("title { letter-spacing: .02em }", "& .antiphon-title{letter-spacing:.02em}")]
    [InlineData("listing { padding: 1em }", "&{padding:1em}")]
    [InlineData("entry:hover title, byline { color: red; }", "& .antiphon-entry:hover .antiphon-title,& .antiphon-byline{color:red}")]
    [InlineData("entry > picture { opacity: .8 }", "& .antiphon-entry > .antiphon-picture{opacity:.8}")]
    [InlineData("entry:nth-child(2n + 1) { order: 1 }", "& .antiphon-entry:nth-child(2n + 1){order:1}")]
    [InlineData("link { --mine: 3px; width: clamp(1px, 2vw, 9px) }", "& .antiphon-title a{--mine:3px;width:clamp(1px, 2vw, 9px)}")]
    [InlineData("/* a } comment */ title { color: /* x */ red }", "& .antiphon-title{color:red}")]
    [InlineData("title::after { content: \"}\" }", "& .antiphon-title::after{content:\"}\"}")]
    [InlineData("@media (min-width: 600px) { title { color: red } }", "@media (min-width: 600px){\n& .antiphon-title{color:red}\n}")]
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
    [InlineData("title { background: url(javascript:alert(1)) }", CssProblemKind.ReachesOut, "background: url(javascript:alert(1))", null)]
    [InlineData("title { background: url('http://tracker.example/a') }", CssProblemKind.ReachesOut, "background: url('http://tracker.example/a')", null)]
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
        var (text, problems) = PartCss.Confine("title {\n  color: red;\n  colr: blue;\n}\n\n/* two\nlines */\nbody { margin: 0 }\nbyline { color: green }");
        Assert.Equal([3, 8], problems.Select(problem => problem.Line));
        Assert.Equal("& .antiphon-title{color:red}\n& .antiphon-byline{color:green}", text.Trim());
    }

    [Fact]
    public void NothingEndsTheStyleElementAroundIt() => Assert.DoesNotContain("</style", PartCss.Confine("title::after { content: \"</style><script>\" }").Css);

    [Fact]
    public void WhateverIsTypedStaysInTheListing() =>
        Gen.Int[0, Pieces.Length - 1].Select(index => Pieces[index]).Array[0, 24].Sample(pieces =>
        {
            var (text, _) = PartCss.Confine(string.Concat(pieces));
            var bare = System.Text.RegularExpressions.Regex.Replace(text, "\"[^\"]*\"|'[^']*'", string.Empty);
            Assert.Equal(bare.Count(c => c == '{'), bare.Count(c => c == '}'));
            foreach (var line in bare.Split('\n').Where(line => line.Contains('{') && !line.StartsWith('@'))) Assert.StartsWith("&", line);
        }, iter: 3000);
}
