using Antiphon.Core.Pictures;

namespace Antiphon.Core.Tests.Pictures;

public sealed class SvgCleanerTests
{
    private const string Open =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 40 30\">";

    [Theory]
    [InlineData("<script>alert(1)</script>")]
    [InlineData("<rect onclick=\"alert(1)\" width=\"4\"/>")]
    [InlineData("<a href=\"javascript:alert(1)\"><text>x</text></a>")]
    [InlineData("<image href=\"https://spy.example/a.png\"/>")]
    [InlineData("<use xlink:href=\"https://spy.example/a.svg#x\"/>")]
    [InlineData(
        "<foreignObject><body xmlns=\"http://www.w3.org/1999/xhtml\"><script>alert(1)</script></body></foreignObject>"
    )]
    [InlineData("<rect fill=\"url(https://spy.example/a.svg#x)\"/>")]
    [InlineData("<style>@import 'https://spy.example/a.css'</style>")]
    [InlineData("<rect style=\"background:url(https://spy.example/)\"/>")]
    [InlineData("<animate attributeName=\"href\" values=\"javascript:alert(1)\"/>")]
    [InlineData("<set attributeName=\"onmouseover\" to=\"alert(1)\"/>")]
    public void What_runs_or_loads_is_taken_out(string inner)
    {
        var clean = SvgCleaner.Clean(Open + inner + "<circle r=\"4\"/></svg>")!.Text;
        Assert.DoesNotContain("alert", clean, StringComparison.Ordinal);
        Assert.DoesNotContain("spy.example", clean, StringComparison.Ordinal);
        Assert.Contains("<circle r=\"4\" />", clean, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("<rect fill=\"url(#a)\" width=\"4\" />")]
    [InlineData("<use xlink:href=\"#a\" />")]
    [InlineData("<g transform=\"rotate(4)\"><path d=\"M0 0h4\" stroke-width=\"2\" /></g>")]
    public void What_draws_stays(string inner) =>
        Assert.Contains(inner, SvgCleaner.Clean(Open + inner + "</svg>")!.Text, StringComparison.Ordinal);

    [Theory]
    [InlineData(
        "<!DOCTYPE svg [<!ENTITY a \"aaaa\">]><svg xmlns=\"http://www.w3.org/2000/svg\" width=\"4\" height=\"4\">&a;</svg>"
    )]
    [InlineData("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"4\" height=\"4\">")]
    [InlineData("<html xmlns=\"http://www.w3.org/1999/xhtml\"/>")]
    [InlineData("<svg xmlns=\"http://www.w3.org/2000/svg\"/>")]
    [InlineData("")]
    public void What_cannot_be_made_safe_is_refused(string text) => Assert.Null(SvgCleaner.Clean(text));

    [Fact]
    public void A_nesting_without_end_is_refused() =>
        Assert.Null(
            SvgCleaner.Clean(
                Open
                    + string.Concat(Enumerable.Repeat("<g>", 100_000))
                    + string.Concat(Enumerable.Repeat("</g>", 100_000))
                    + "</svg>"
            )
        );

    [Theory]
    [InlineData("width=\"20\" height=\"10px\"", 20, 10)]
    [InlineData("viewBox=\"0 0 64 48\"", 64, 48)]
    [InlineData("viewBox=\"0,0,64,48\" width=\"100%\"", 64, 48)]
    public void Its_size_is_known(string attributes, int width, int height)
    {
        var svg = SvgCleaner.Clean($"<svg xmlns=\"http://www.w3.org/2000/svg\" {attributes}/>")!;
        Assert.Equal((width, height), (svg.Width, svg.Height));
    }

    [Theory]
    [InlineData("fill=\"url(#a) url(https://tracker.example/)\"")]
    [InlineData("fill=\"url(\n//tracker.example/)\"")]
    [InlineData("fill=\"\\75rl(https://tracker.example/)\"")]
    [InlineData("style=\"fill:url(https://tracker.example/)\"")]
    public void Nothing_is_loaded_however_it_is_asked_for(string attribute) =>
        Assert.DoesNotContain(
            "tracker",
            SvgCleaner.Clean($"{Open}<rect {attribute}/></svg>")!.Text,
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData("<use href=\"#{0}\"/>")]
    [InlineData("<rect fill=\"url(#{0})\"/>")]
    public void Uses_of_uses_that_would_draw_a_billion_shapes_are_refused(string use)
    {
        string Chain(int levels, int uses) =>
            Open
            + "<g id=\"g0\"><rect/></g>"
            + string.Concat(
                Enumerable
                    .Range(1, levels)
                    .Select(level =>
                        $"<g id=\"g{level}\">{string.Concat(Enumerable.Repeat(use.Replace("{0}", $"g{level - 1}", StringComparison.Ordinal), uses))}</g>"
                    )
            )
            + "</svg>";
        Assert.NotNull(SvgCleaner.Clean(Chain(3, 10)));
        Assert.Null(SvgCleaner.Clean(Chain(9, 10)));
        Assert.Null(SvgCleaner.Clean(Chain(200, 1)));
        Assert.Null(
            SvgCleaner.Clean(
                Open
                    + $"<g id=\"a\">{use.Replace("{0}", "b", StringComparison.Ordinal)}</g><g id=\"b\">{use.Replace("{0}", "a", StringComparison.Ordinal)}</g></svg>"
            )
        );
    }
}
