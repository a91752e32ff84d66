using Antiphon.Core.Html;
using CsCheck;

namespace Antiphon.Core.Tests.Html;

/// <summary>Tags and attributes as they are written, in one pass.</summary>
public sealed class TagScanTests
{
    public static TheoryData<string, string[]> Texts =>
        new()
        {
            { "no tags & none", [] },
            { "<p>a</p><br/>", ["p", "br"] },
            { "<a href=\"x\" title='y' hidden rel=z>", ["a href=x title=y hidden= rel=z"] },
            { "<IMG SRC=x.png/>", ["IMG SRC=x.png/"] },
            { "<a title=\"a > b\" href=c>", ["a title=a > b href=c"] },
            { "<!-- <a href=x> --><b>", ["b"] },
            { "<!doctype html><b>", ["b"] },
            { "<script>if (a<b) \"<a href=x>\"</script><i>", ["script", "i"] },
            { "<style>a<b", ["style"] },
            { "<p title=\"never closed", ["p"] },
            { "<p <b>", ["p", "b"] },
            { "<a href=\"x><b title=\"y\">z", ["a", "b title=y"] },
            { "<!-->--><b>", ["b"] },
            { "<p<b>", ["p<b"] },
            { "a < b <1> <", [] },
            { "<a =x=y>", ["a =x=y"] },
        };

    [Theory]
    [MemberData(nameof(Texts))]
    public void A_text_has_these_tags(string html, string[] expected)
    {
        var tags = new List<string>();
        var scan = new TagScan(html);
        while (scan.NextTag())
        {
            var tag = scan.Name.ToString();
            while (scan.NextAttribute())
                tag += $" {scan.AttributeName}={scan.Value}";
            tags.Add(tag);
        }

        Assert.Equal(expected, tags);
    }

    [Theory]
    [InlineData("<!doctype html><p>a</p>", "!doctype p /p")]
    [InlineData("<p title=\"x\">a</ p></p >", "p /p")]
    [InlineData("<a href=\"x><b>", "a! b")]
    [InlineData("<p <b", "p! b!")]
    [InlineData("<script></p></script></i>", "script /script /i")]
    public void Ends_and_what_does_not_end_are_told_where_they_are_asked_for(string html, string expected)
    {
        var tags = new List<string>();
        var scan = new TagScan(html, withEnds: true);
        while (scan.NextTag())
        {
            var name = (scan.IsEnd ? "/" : string.Empty) + scan.Name.ToString();
            while (scan.NextAttribute())
                Assert.False(scan.IsBroken);
            tags.Add(name + (scan.IsBroken ? "!" : string.Empty));
        }

        Assert.Equal(expected, string.Join(' ', tags));
    }

    [Theory]
    [InlineData("<a href='x y'>", "'x y'")]
    [InlineData("<a href = \"x\" >", "\"x\"")]
    [InlineData("<a href=x>", "x")]
    public void A_value_is_found_where_it_stands_with_its_quotes(string html, string written)
    {
        var scan = new TagScan(html);
        Assert.True(scan.NextTag() && scan.NextAttribute());
        Assert.Equal(written, html[scan.ValueStart..scan.ValueEnd]);
    }

    [Fact]
    public void Any_text_comes_to_an_end() =>
        Gen.Char["<>/!-\"'= ascript"]
            .Array[0, 60]
            .Sample(
                letters =>
                {
                    var scan = new TagScan(new string(letters));
                    var steps = 0;
                    while (scan.NextTag())
                    {
                        while (scan.NextAttribute())
                            Assert.InRange(++steps, 0, 200);
                        Assert.InRange(++steps, 0, 200);
                    }
                },
                iter: 20_000
            );
}
