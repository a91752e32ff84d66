using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Html;
using Antiphon.Core.Text;
using CsCheck;

namespace Antiphon.Core.Tests.Comments;

public sealed class CommentTests
{
    [Theory]
    [InlineData("One\n\nTwo", "<p>One</p><p>Two</p>")]
    [InlineData("One\nTwo", "<p>One<br>Two</p>")]
    [InlineData("<script>alert(1)</script>", "<p>&lt;script&gt;alert(1)&lt;/script&gt;</p>")]
    [InlineData(
        "See https://a.example/?x=1&y=2.",
        "<p>See <a href=\"https://a.example/?x=1&amp;y=2\" rel=\"nofollow ugc noopener\">https://a.example/?x=1&amp;y=2</a>.</p>"
    )]
    public void Typed_text_becomes_safe_html(string text, string html) => Assert.Equal(html, CommentBody.ToHtml(text));

    [Theory]
    [InlineData("hello", 0, WaitReason.FirstTimeWriter)]
    [InlineData("see www.a.example", 0, WaitReason.FirstTimeWriterWithLink)]
    [InlineData("http://a.example http://b.example", 3, WaitReason.ManyLinks)]
    [InlineData("hello", 3, WaitReason.EveryCommentWaits)]
    public void The_most_telling_reason_is_named(string text, int before, WaitReason reason) =>
        Assert.Equal(reason, WaitDecision.ReasonFor(text, before));

    [Fact]
    public void Answers_follow_what_they_answer()
    {
        var start = DateTimeOffset.UnixEpoch;
        (long Id, long? Parent)[] rows = [(1, null), (2, null), (3, 1), (4, 3), (5, 99)];
        var placed = ThreadTree.Arrange(rows, row => new Voted(row.Id, row.Parent, start.AddMinutes(row.Id), 0, 0));
        Assert.Equal([(1L, 0), (3L, 1), (4L, 2), (2L, 0), (5L, 0)], placed.Select(one => (one.Comment.Id, one.Depth)));
    }

    [Fact]
    public void No_comment_is_lost_even_in_rings() =>
        Gen.Select(Gen.Long[0, 12].Array[0, 12], Gen.Enum<CommentOrder>())
            .Sample(
                (parents, order) =>
                {
                    var rows = parents
                        .Select((parent, index) => (Id: (long)index + 1, Parent: parent == 0 ? (long?)null : parent))
                        .ToArray();
                    var placed = ThreadTree.Arrange(
                        rows,
                        row => new Voted(row.Id, row.Parent, DateTimeOffset.UnixEpoch, 0, 0),
                        order
                    );
                    Assert.Equal(rows.Select(row => row.Id).Order(), placed.Select(one => one.Comment.Id).Order());
                }
            );

    [Theory]
    [InlineData("https://www.quillmoor.example/visit/", "quillmoor.example/visit")]
    [InlineData("http://quillmoor.example/visit?utm_source=x#top", "quillmoor.example/visit")]
    [InlineData("http://Quillmoor.example:8080/a?b=1", "quillmoor.example:8080/a?b=1")]
    [InlineData("mailto:a@b.example", null)]
    public void Spellings_of_an_address_fold_into_one(string address, string? folded) =>
        Assert.Equal(folded, FoldedAddress.Of(address));

    [Theory]
    [InlineData("<p onclick=\"x()\">a<script>b</script></p>", "<p>a</p>")]
    [InlineData("<a href=\"javascript:alert(1)\">x</a>", "<a>x</a>")]
    [InlineData("<iframe src=\"https://a.example\">in</iframe><p style=\"color:red\">b</p>", "<p>b</p>")]
    [InlineData("<svg onload=alert(1)><path d=\"M0 0\"/></svg>", "")]
    [InlineData("<svg onload=alert(1)><p>b</p></svg>", "<p>b</p>")]
    public void Html_from_outside_is_cleaned(string html, string clean) =>
        Assert.Equal(clean, HtmlCleaner.ForPosts.Clean(html));

    [Fact]
    public void A_hundred_thousand_nested_tags_are_reduced_to_their_words() =>
        Assert.Equal("x", HtmlCleaner.ForPosts.Clean(string.Concat(Enumerable.Repeat("<div>", 100_000)) + "x"));

    [Fact]
    public void Relative_addresses_become_absolute() =>
        Assert.Contains(
            "https://a.example/b/c.jpg",
            HtmlCleaner.ForPosts.Clean("<img src=\"c.jpg\">", new Uri("https://a.example/b/")),
            StringComparison.Ordinal
        );
}
