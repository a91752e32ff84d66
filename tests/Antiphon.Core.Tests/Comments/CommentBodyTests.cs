using AngleSharp.Html.Parser;
using Antiphon.Core.Comments;
using CsCheck;

namespace Antiphon.Core.Tests.Comments;

public sealed class CommentBodyTests
{
    private static readonly string[] Known =
    [
        "P",
        "BR",
        "BLOCKQUOTE",
        "UL",
        "OL",
        "LI",
        "PRE",
        "CODE",
        "STRONG",
        "EM",
        "A",
    ];

    [Theory]
    [InlineData("**So** bright, *so* _near_", "<p><strong>So</strong> bright, <em>so</em> <em>near</em></p>")]
    [InlineData("**the *very* best**", "<p>**the <em>very</em> best**</p>")]
    [InlineData("2 * 3 * 4 and snake_case_name", "<p>2 * 3 * 4 and snake_case_name</p>")]
    [InlineData("`<b>` is code", "<p><code>&lt;b&gt;</code> is code</p>")]
    [InlineData(
        "[the chart](https://charts.example/a?b=1&c=2).",
        "<p><a href=\"https://charts.example/a?b=1&amp;c=2\" rel=\"nofollow ugc noopener\">the chart</a>.</p>"
    )]
    [InlineData("[x](javascript:alert(1))", "<p>[x](javascript:alert(1))</p>")]
    [InlineData("> you said\n> so\n\nI did", "<blockquote><p>you said<br>so</p></blockquote><p>I did</p>")]
    [InlineData("> > deep", "<blockquote><blockquote><p>deep</p></blockquote></blockquote>")]
    [InlineData(
        "- one\n- **two**\n1. three\n2) four",
        "<ul><li>one</li><li><strong>two</strong></li></ul><ol><li>three</li><li>four</li></ol>"
    )]
    [InlineData("```\n<i> & **no**\n```\nafter", "<pre><code>&lt;i&gt; &amp; **no**</code></pre><p>after</p>")]
    [InlineData("```\nnever closed", "<pre><code>never closed</code></pre>")]
    [InlineData("1781. was the year", "<p>1781. was the year</p>")]
    [InlineData("-5 degrees", "<p>-5 degrees</p>")]
    [InlineData(
        "**bold https://a.example/x_y_z**",
        "<p><strong>bold <a href=\"https://a.example/x_y_z\" rel=\"nofollow ugc noopener\">https://a.example/x_y_z</a></strong></p>"
    )]
    public void What_people_type_becomes_what_they_mean(string text, string html) =>
        Assert.Equal(html, CommentBody.ToHtml(text));

    [Theory]
    [InlineData("<script>alert(1)</script>")]
    [InlineData("<img src=x onerror=alert(1)>")]
    [InlineData("<svg/onload=alert(1)>")]
    [InlineData("<a href=javascript:alert(1)>x</a>")]
    [InlineData("[x](javascript:alert(1))")]
    [InlineData("[x](JaVaScRiPt:alert(1))")]
    [InlineData("[x](data:text/html,<script>alert(1)</script>)")]
    [InlineData("[x](https://a.example/\"onmouseover=\"alert(1))")]
    [InlineData("[x\"onclick=\"alert(1)](https://a.example/)")]
    [InlineData("https://a.example/\"onmouseover=\"alert(1)")]
    [InlineData("https://a.example/'onmouseover='alert(1)")]
    [InlineData("https://a.example/<script>alert(1)</script>")]
    [InlineData("`<img src=x onerror=alert(1)>`")]
    [InlineData("```\n</code></pre><script>alert(1)</script>\n```")]
    [InlineData("> <iframe src=javascript:alert(1)>")]
    [InlineData("- <style>@import'//x'</style>")]
    [InlineData("**<b onclick=alert(1)>**")]
    [InlineData("*[x](https://a.example/*)*<img src=x onerror=alert(1)>*")]
    [InlineData("&lt;script&gt;alert(1)&lt;/script&gt;")]
    [InlineData("&#x3C;script&#x3E;")]
    [InlineData("<\u0000script>alert(1)</script>")]
    [InlineData("<scr\u200Bipt>alert(1)</script>")]
    [InlineData("\uFF1Cscript\uFF1Ealert(1)")]
    [InlineData("<!--><script>alert(1)</script>-->")]
    [InlineData("<![CDATA[<script>alert(1)</script>]]>")]
    [InlineData("<math><mi//xlink:href=\"data:x,<script>alert(1)</script>\">")]
    [InlineData("<noscript><p title=\"</noscript><img src=x onerror=alert(1)>\">")]
    [InlineData("www.a.example\"><script>alert(1)</script>")]
    [InlineData("http://`onmouseover=alert(1)`")]
    [InlineData("<form action=https://a.example><button>x")]
    public void Known_tricks_stay_words(string text) => AssertHarmless(CommentBody.ToHtml(text));

    [Fact]
    public void Whatever_is_typed_nothing_can_run()
    {
        string[] parts =
        [
            "**",
            "*",
            "_",
            "`",
            "```",
            "\n",
            "> ",
            "- ",
            "1. ",
            "[",
            "](",
            ")",
            "https://a.example/",
            "javascript:",
            "\"",
            "'",
            "<",
            ">",
            "<script>",
            "onerror=",
            "&",
            "&lt;",
            "www.",
            " ",
            "x",
            "\u0000",
            "\uD800",
        ];
        Gen.Int[0, parts.Length - 1]
            .Array[0, 40]
            .Sample(chosen => AssertHarmless(CommentBody.ToHtml(string.Concat(chosen.Select(at => parts[at])))));
    }

    [Fact]
    public void Any_text_at_all_is_taken() => Gen.String.Sample(text => AssertHarmless(CommentBody.ToHtml(text)));

    [Theory]
    [InlineData("**")]
    [InlineData("*_")]
    [InlineData("[[")]
    [InlineData("> ")]
    [InlineData("`")]
    public void Long_rows_of_signs_take_no_long_time(string sign) =>
        AssertHarmless(CommentBody.ToHtml(string.Concat(Enumerable.Repeat(sign, CommentBody.MaxLength / sign.Length))));

    private static void AssertHarmless(string html)
    {
        var body = new HtmlParser().ParseDocument($"<body>{html}</body>").Body!;
        Assert.All(body.QuerySelectorAll("*"), element =>
        {
            Assert.Contains(element.TagName, Known);
            Assert.All(element.Attributes, attribute =>
                Assert.True(element.TagName == "A" && attribute.Name is "href" or "rel", attribute.Name)
            );
            if (element.TagName == "A")
                Assert.Matches("^https?://", element.GetAttribute("href"));
        });
    }
}
