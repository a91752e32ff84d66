using Antiphon.Core.PublicPages;

namespace Antiphon.Core.Tests.PublicPages;

public sealed class StaticLinksTests
{
    private static readonly Dictionary<string, string> Files = new()
    {
        ["https://a.example/blogs/k"] = "index.html",
        ["https://a.example/posts/1/moon"] = "posts/moon.html",
        ["https://a.example/blogs/k/tag/dark"] = "tag/dark.html",
    };

    [Theory]
    [InlineData("index.html", "posts/moon.html", "posts/moon.html")]
    [InlineData("posts/moon.html", "index.html", "../index.html")]
    [InlineData("posts/moon.html", "posts/sun.html", "sun.html")]
    [InlineData("archive/2026/11.html", "archive/index.html", "../index.html")]
    [InlineData("posts/moon.html", "tag/dark.html", "../tag/dark.html")]
    public void Files_find_each_other(string from, string to, string way) =>
        Assert.Equal(way, StaticLinks.Between(from, to));

    [Theory]
    [InlineData("<a href=\"https://a.example/blogs/k\">x</a>", "<a href=\"../index.html\">x</a>")]
    [InlineData("<a href=\"https://a.example/posts/1/moon#note-1\">x</a>", "<a href=\"moon.html#note-1\">x</a>")]
    [InlineData("<a href=\"#note-1\">x</a>", "<a href=\"#note-1\">x</a>")]
    [InlineData("<a href=\"https://elsewhere.example/\">x</a>", "<a href=\"https://elsewhere.example/\">x</a>")]
    [InlineData(
        "<img src=\"https://a.example/pictures/p/800.webp\" srcset=\"a 1w\" sizes=\"2px\" alt=\"\">",
        "<img src=\"../pictures/p.webp\" alt=\"\">"
    )]
    [InlineData(
        "<img src=\"https://elsewhere.example/p.png\" srcset=\"a 1w\" alt=\"\">",
        "<img src=\"https://elsewhere.example/p.png\" srcset=\"a 1w\" alt=\"\">"
    )]
    [InlineData("<form class=\"search\"><input></form><p>x</p>", "<p>x</p>")]
    public void What_was_taken_along_is_led_to_and_everything_else_left(string served, string written) =>
        Assert.Contains(
            $"<body>{written}</body>",
            Links(null).Rewrite($"<body>{served}</body>", "posts/sun.html"),
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData(null, "https://a.example/posts/1/moon")]
    [InlineData("https://blog.quillmoor.example/", "https://blog.quillmoor.example/posts/moon.html")]
    public void A_page_says_where_it_lives_once_that_is_known(string? target, string canonical) =>
        Assert.Contains(
            $"<link rel=\"canonical\" href=\"{canonical}\">",
            Links(target)
                .Rewrite(
                    "<head><link rel=\"canonical\" href=\"https://a.example/posts/1/moon\"></head>",
                    "posts/moon.html"
                ),
            StringComparison.Ordinal
        );

    private static StaticLinks Links(string? target) =>
        new(
            Files,
            address =>
                address.StartsWith("https://a.example/pictures/", StringComparison.Ordinal) ? "pictures/p.webp" : null,
            target
        );
}
