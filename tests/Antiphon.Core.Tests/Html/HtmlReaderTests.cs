using Antiphon.Core.Html;
using Antiphon.Core.Html.Markdown;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Importing.Tidying;

namespace Antiphon.Core.Tests.Html;

public sealed class HtmlReaderTests
{
    public static TheoryData<string> Hostile => [.. HostileMarkup.Documents(10).Select(document => document.Name)];

    [Theory]
    [MemberData(nameof(Hostile))]
    public void Every_reader_gets_through_a_hostile_document(string name) =>
        MarkupReaders.ReadAll(Document(name, 400_000));

    [Theory]
    [MemberData(nameof(Hostile))]
    public void A_tree_is_within_its_limits_or_not_there(string name)
    {
        var reading = HtmlReader.Read(Document(name, 300_000), HtmlLimits.Text);
        Assert.NotEqual(reading.Document is null, reading.Excess is null);
        if (reading.Document is { } document)
            AssertWithin(document, HtmlLimits.Text);
    }

    [Theory]
    [InlineData("<div></b>", HtmlExcess.Depth)]
    [InlineData("<svg><tr>", HtmlExcess.Depth)]
    [InlineData("<template>", HtmlExcess.Depth)]
    [InlineData("<br>", HtmlExcess.Children)]
    [InlineData("</x>", HtmlExcess.Nodes)]
    [InlineData("<", HtmlExcess.Joining)]
    [InlineData("<table>x<tr>", HtmlExcess.Children)]
    public void What_is_too_much_is_named(string piece, HtmlExcess excess) =>
        Assert.Equal(excess, HtmlReader.Read(string.Concat(Enumerable.Repeat(piece, 1_200_000 / piece.Length))).Excess);

    [Fact]
    public void A_text_beyond_its_length_is_not_begun() =>
        Assert.Equal(HtmlExcess.Length, HtmlReader.Read(new string('x', HtmlLimits.Page.Length + 1)).Excess);

    [Fact]
    public void Attributes_are_counted_for_each_element()
    {
        string With(int attributes) =>
            $"<p {string.Concat(Enumerable.Range(0, attributes).Select(number => $"a{number}=1 "))}>x</p>";
        Assert.Null(HtmlReader.Read(With(HtmlLimits.Page.Attributes)).Excess);
        Assert.Equal(HtmlExcess.Attributes, HtmlReader.Read(With(HtmlLimits.Page.Attributes + 1)).Excess);
    }

    [Fact]
    public void Depth_is_that_of_the_tree_not_of_the_tags()
    {
        // Paragraphs, items and cells end by themselves, so that thousands of start tags are a flat tree.
        var flat =
            string.Concat(Enumerable.Repeat("<p>x<li>y", 2000))
            + "<table>"
            + string.Concat(Enumerable.Repeat("<tr><td>z", 2000));
        Assert.NotNull(HtmlReader.Read(flat).Document);
        var deep = string.Concat(Enumerable.Repeat("<div>", HtmlLimits.Page.Depth - 2));
        Assert.NotNull(HtmlReader.Read(deep).Document);
        Assert.Equal(HtmlExcess.Depth, HtmlReader.Read(deep + "<i>").Excess);
    }

    [Fact]
    public void A_text_beyond_the_limits_keeps_its_words_and_all_of_them()
    {
        var text =
            string.Concat(Enumerable.Repeat("<div>", 5000))
            + "first"
            + string.Concat(Enumerable.Repeat("</b>", 10))
            + " last";
        Assert.Equal("first last", HtmlReader.BodyOf(text, HtmlLimits.Text).TextContent);
        Assert.Equal("first last", HtmlCleaner.ForPosts.Clean(text));
    }

    [Fact]
    public void A_reading_can_be_ended_from_outside()
    {
        using var ended = new CancellationTokenSource();
        ended.Cancel();
        Assert.Throws<OperationCanceledException>(() =>
            HtmlReader.Read(string.Concat(Enumerable.Repeat("<p>x", 1000)), cancellation: ended.Token)
        );
    }

    [Fact]
    public void The_deepest_tree_that_is_ever_allowed_needs_a_fraction_of_a_stack()
    {
        // Threads of the pool have 1.5 MB and more.
        Exception? failure = null;
        var thread = new Thread(
            () =>
                failure = Record.Exception(() =>
                {
                    var html = string.Concat(Enumerable.Repeat("<div>", HtmlLimits.DeepestAllowed - 3)) + "x";
                    Assert.EndsWith(
                        "</div>",
                        HtmlReader.BodyOf(html).OuterHtml.Replace("</body>", string.Empty, StringComparison.Ordinal),
                        StringComparison.Ordinal
                    );
                    MarkdownWriter.FromHtml(html);
                    var quoted = string.Concat(Enumerable.Repeat("<blockquote>", HtmlLimits.Text.Depth - 4)) + "x";
                    MarkdownWriter.FromHtml(HtmlCleaner.ForPosts.Clean(quoted));
                    BodyTidying.Tidy(quoted);
                }),
            maxStackSize: 384 * 1024
        );
        thread.Start();
        thread.Join();
        Assert.Null(failure);
    }

    private static string Document(string name, int length) =>
        HostileMarkup.Documents(length).Single(document => document.Name == name).Html;

    private static void AssertWithin(AngleSharp.Html.Dom.IHtmlDocument document, HtmlLimits limits)
    {
        var nodes = 0;
        foreach (var step in TreeWalk.Steps(document))
        {
            if (step.IsLeaving)
                continue;
            nodes++;
            Assert.InRange(step.Depth, 0, limits.Depth);
            Assert.InRange(step.Node.ChildNodes.Length, 0, limits.Children);
        }

        Assert.InRange(nodes, 1, limits.Nodes);
    }
}
