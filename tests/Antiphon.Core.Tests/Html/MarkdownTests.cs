using Antiphon.Core.Html;
using Antiphon.Core.Html.Markdown;

namespace Antiphon.Core.Tests.Html;

public sealed class MarkdownTests
{
    public static TheoryData<string, string> Pairs =>
        new()
        {
            { "<p>One <strong>two</strong> <em>three</em></p>", "One **two** *three*\n" },
            { "<h2>Seeing</h2><p>Good.</p>", "## Seeing\n\nGood.\n" },
            { "<ul><li>a</li><li>b<ul><li>c</li></ul></li></ul>", "- a\n- b\n  - c\n" },
            { "<ol start=\"3\"><li>a</li><li>b</li></ol>", "3. a\n4. b\n" },
            { "<blockquote><p>One</p><p>Two</p></blockquote>", "> One\n>\n> Two\n" },
            {
                "<pre><code class=\"language-sql\">select 1\nfrom `a`</code></pre>",
                "```sql\nselect 1\nfrom `a`\n```\n"
            },
            { "<p><a href=\"https://sky.example/a\">The sky</a></p>", "[The sky](https://sky.example/a)\n" },
            { "<p><img src=\"https://a.example/a.png\" alt=\"A moon\"></p>", "![A moon](https://a.example/a.png)\n" },
            { "<p>a<br>b</p>", "a\\\nb\n" },
            { "<hr>", "---\n" },
            { "<p>M <code>a`b</code></p>", "M ``a`b``\n" },
            {
                "<table><thead><tr><th>Star</th><th>mag</th></tr></thead><tbody><tr><td>Vega</td><td>0.0</td></tr></tbody></table>",
                "| Star | mag |\n| --- | --- |\n| Vega | 0.0 |\n"
            },
            { "<p>2 * 3 _x_ [y] &lt;z&gt;</p>", "2 \\* 3 \\_x\\_ \\[y\\] \\<z>\n" },
            { "<p># not a heading</p>", "\\# not a heading\n" },
            { "<p><del>gone</del></p>", "~~gone~~\n" },
        };

    [Theory]
    [MemberData(nameof(Pairs))]
    public void Html_becomes_markdown(string html, string markdown) =>
        Assert.Equal(markdown, MarkdownWriter.FromHtml(html));

    [Theory]
    [MemberData(nameof(Pairs))]
    public void And_markdown_becomes_the_same_html_again(string html, string markdown) =>
        Assert.Equal(Folded(html), Folded(HtmlCleaner.ForPosts.Clean(MarkdownReader.ToHtml(markdown))));

    [Theory]
    [InlineData("<blockquote class=\"pull\"><p>Large</p></blockquote>")]
    [InlineData(
        "<figure class=\"picture wide\"><img src=\"https://a.example/a.png\" alt=\"A\"><figcaption>B</figcaption></figure>"
    )]
    [InlineData("<div class=\"block-contents\"></div>")]
    [InlineData("<pre class=\"copyable\">RA 00h 42m</pre>")]
    public void What_markdown_has_no_sign_for_stays_and_comes_back(string html) =>
        Assert.Equal(html, HtmlCleaner.ForPosts.Clean(MarkdownReader.ToHtml(MarkdownWriter.FromHtml(html))).Trim());

    [Fact]
    public void Tasks_keep_what_is_done() =>
        Assert.Equal(
            "- [x] a\n- [ ] b\n",
            MarkdownWriter.FromHtml("<ul class=\"tasks\"><li class=\"done\"><p>a</p></li><li><p>b</p></li></ul>")
        );

    [Fact]
    public void Nothing_gives_nothing() => Assert.Equal(string.Empty, MarkdownWriter.FromHtml(""));

    // Line breaks between elements say nothing, and a tight list has no paragraphs.
    private static string Folded(string html) =>
        html.Replace(">\n", ">", StringComparison.Ordinal).Replace("\n<", "<", StringComparison.Ordinal);
}
