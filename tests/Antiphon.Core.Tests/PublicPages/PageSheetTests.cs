using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.PublicPages;
using Antiphon.Core.Sites;

namespace Antiphon.Core.Tests.PublicPages;

public sealed class PageSheetTests
{
    [Fact]
    public void The_usual_look_adds_nothing() => Assert.Empty(PageSheet.Of(PageLook.Usual));

    [Fact]
    public void Only_colours_and_families_get_into_the_sheet()
    {
        var hostile = LookColours.Inherited with { Background = "red;}body{display:none", Text = "#123456" };
        var sheet = PageSheet.Of(
            new PageLook { Colours = hostile, HeadingType = new("x}body{display:none", null, null) }
        );
        Assert.Contains("--ink:#123456", sheet);
        Assert.DoesNotContain("display:none", sheet);
    }

    [Fact]
    public void A_look_that_follows_the_reader_keeps_its_two_forms_apart()
    {
        var sheet = PageSheet.Of(
            new PageLook
            {
                Colours = LookColours.Inherited with { Text = "#111111" },
                DarkColours = LookColours.Inherited with { Text = "#eeeeee" },
            }
        );
        Assert.Equal(
            "@media (prefers-color-scheme:light){:root{--ink:#111111;}}@media (prefers-color-scheme:dark){:root{--ink:#eeeeee;}}",
            sheet
        );
    }

    [Theory]
    [InlineData(10, "26rem")]
    [InlineData(400, "60rem")]
    [InlineData(50, "50rem")]
    public void The_column_stays_readable_whatever_was_stored(int measure, string width) =>
        Assert.Contains($"max-width:{width}", PageSheet.Of(new PageLook { Measure = measure }));

    [Theory]
    [InlineData("blog.quillmoor.example", "blog.quillmoor.example")]
    [InlineData("  Blog.Quillmoor.Example. ", "blog.quillmoor.example")]
    [InlineData("https://blog.quillmoor.example/", "blog.quillmoor.example")]
    [InlineData("sternenblog.müllers-heide.example", "sternenblog.xn--mllers-heide-dlb.example")]
    [InlineData("localhost", null)]
    [InlineData("192.168.0.4", null)]
    [InlineData("[::1]", null)]
    [InlineData("blog..example", null)]
    [InlineData("-blog.quillmoor.example", null)]
    [InlineData("night_log.quillmoor.example", null)]
    [InlineData("blog.quillmoor.example:8080", null)]
    [InlineData("", null)]
    [InlineData(null, null)]
    public void A_host_name_is_read_as_requests_carry_it(string? entered, string? read) =>
        Assert.Equal(read, HostName.Parse(entered));

    [Theory]
    [InlineData(0, 1)]
    [InlineData(1, 1)]
    [InlineData(330, 2)]
    [InlineData(2200, 10)]
    public void Reading_time_counts_words_and_is_never_nothing(int words, int minutes) =>
        Assert.Equal(minutes, ReadingTime.MinutesOf(string.Join("  \n", Enumerable.Repeat("word", words))));

    [Theory]
    [InlineData("<h2>A</h2><h2>B</h2><h3>C</h3>", true)]
    [InlineData("<h2>A</h2><h2>B</h2><hr><header></header>", false)]
    [InlineData("<div class=\"block-contents\"></div><h2>A</h2><h2>B</h2><h2>C</h2>", false)]
    public void Contents_come_before_texts_with_headings_enough_and_none_of_their_own(string html, bool added) =>
        Assert.Equal(added, PostBlocks.WithContents(html) != html);
}
