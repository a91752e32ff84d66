using Antiphon.Core.Html;
using Antiphon.Core.Posts.Blocks;

namespace Antiphon.Core.Tests.Posts;

/// <summary>What a text marks, and what readers see in its place.</summary>
public sealed class PostBlocksTests
{
    private static readonly BlockContext Context = new(
        BlockTexts.For("en-GB"),
        new BlockAuthor("Ida <Marsh>", "Counts & draws.", "https://ida.example/", null),
        [new BlockLink("Fog & frost", "https://quillmoor.example/fog")]
    );

    [Fact]
    public void Contents_lead_to_the_headings()
    {
        var html = PostBlocks.Fill(
            "<div class=\"block-contents\"></div><h2>First light</h2><p>a</p><h3>The dome</h3><h2>First light</h2><h4>Deep</h4>",
            Context
        );
        Assert.Equal(
            "<nav class=\"contents\" aria-label=\"Contents\"><strong>Contents</strong><ol><li class=\"level-1\"><a href=\"#first-light\">First light</a></li><li class=\"level-2\"><a href=\"#the-dome\">The dome</a></li>"
                + "<li class=\"level-1\"><a href=\"#first-light-2\">First light</a></li></ol></nav><h2 id=\"first-light\">First light</h2><p>a</p><h3 id=\"the-dome\">The dome</h3><h2 id=\"first-light-2\">First light</h2><h4 id=\"deep\">Deep</h4>",
            html
        );
    }

    [Fact]
    public void Footnotes_are_numbered_and_lead_there_and_back()
    {
        var html = PostBlocks.Fill(
            "<p>Eleven<span class=\"footnote\">By <em>eye</em>.</span> trails<span class=\"footnote\">Two more.</span>.</p>",
            Context
        );
        Assert.StartsWith(
            "<p>Eleven<sup id=\"note-1-place\"><a href=\"#note-1\">1</a></sup> trails<sup id=\"note-2-place\">",
            html,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "<li id=\"note-1\">By <em>eye</em>. <a href=\"#note-1-place\" aria-label=\"Back to the text\">↩</a></li>",
            html,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Author_and_related_posts_stand_where_they_are_marked()
    {
        var html = PostBlocks.Fill(
            "<p>a</p><div class=\"block-author\"></div><div class=\"block-related\"></div>",
            Context
        );
        Assert.Contains(
            "About <a href=\"https://ida.example/\" rel=\"author\">Ida &lt;Marsh&gt;</a>",
            html,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "<a href=\"https://quillmoor.example/fog\">Fog &amp; frost</a>",
            html,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_there_is_nothing_to_say_for_is_left_out() =>
        Assert.Equal(
            "<p>a</p>",
            PostBlocks.Fill(
                "<div class=\"block-contents\"></div><p>a</p><div class=\"block-author\"></div><div class=\"block-related\"></div>",
                new BlockContext(BlockTexts.For("en"), null, [])
            )
        );

    [Fact]
    public void Feeds_and_mails_get_the_text_without_what_needs_a_page()
    {
        var html = PostBlocks.Alone(
            "<div class=\"block-contents\"></div><h2>A</h2><p>b<span class=\"footnote\">c</span></p><div class=\"block-author\"></div>",
            BlockTexts.For("de")
        );
        Assert.StartsWith("<h2>A</h2><p>b<sup", html, StringComparison.Ordinal);
        Assert.Contains("aria-label=\"Anmerkungen\"", html, StringComparison.Ordinal);
        Assert.DoesNotContain("block-", html, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("question")]
    [InlineData("subscribe")]
    [InlineData("follow")]
    public void A_form_or_list_stands_only_where_its_page_has_what_it_needs(string block)
    {
        var html = $"<p>Before</p><div class=\"block-{block}\"></div>";
        var page = new BlockContext(BlockTexts.For("fr"), null, [])
        {
            QuestionAddress = "https://a.example/q?a=1&b=2",
            SubscribeAddress = "https://a.example/s",
            Follow = [new("Chez <nous>", "https://b.example/")],
        };
        Assert.Contains(
            block switch
            {
                "question" => "action=\"https://a.example/q?a=1&amp;b=2\"",
                "subscribe" => "action=\"https://a.example/s\"",
                _ => "Chez &lt;nous&gt;</a>",
            },
            PostBlocks.Fill(html, page),
            StringComparison.Ordinal
        );
        Assert.Equal("<p>Before</p>", PostBlocks.Fill(html, new BlockContext(BlockTexts.For("fr"), null, [])));
        Assert.Equal("<p>Before</p>", PostBlocks.Alone(html, BlockTexts.For("fr")));
    }

    [Fact]
    public void A_text_without_marks_is_left_as_it_is()
    {
        const string Html = "<p>Plain &amp; simple<br>x</p>";
        Assert.Same(Html, PostBlocks.Fill(Html, Context));
    }

    [Theory]
    [MemberData(nameof(Classes))]
    public void Every_class_of_the_editor_survives_cleaning(string name) =>
        Assert.Equal($"<div class=\"{name}\">x</div>", HtmlCleaner.ForPosts.Clean($"<div class=\"{name}\">x</div>"));

    public static TheoryData<string> Classes => [.. HtmlAllowList.PostClasses, "language-csharp", "language-c++"];

    [Theory]
    [InlineData("<p class=\"evil\">x</p>", "<p>x</p>")]
    [InlineData("<p class=\"pull evil\">x</p>", "<p class=\"pull\">x</p>")]
    [InlineData("<p class=\"language-<script>\">x</p>", "<p>x</p>")]
    [InlineData(
        "<video src=\"https://a.example/a.mp4\" controls autoplay onplay=\"x()\"></video>",
        "<video src=\"https://a.example/a.mp4\" controls=\"\"></video>"
    )]
    [InlineData("<audio src=\"javascript:x()\" controls></audio>", "<audio controls=\"\"></audio>")]
    public void Nothing_else_does(string html, string clean) => Assert.Equal(clean, HtmlCleaner.ForPosts.Clean(html));

    [Fact]
    public void Comments_have_no_classes() =>
        Assert.Equal("<p>x</p>", HtmlCleaner.ForComments.Clean("<p class=\"pull\">x</p>"));
}
