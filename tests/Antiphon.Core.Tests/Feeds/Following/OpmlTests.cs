using System.Text;
using Antiphon.Core.Feeds.Following;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Following;

public sealed class OpmlTests
{
    [Fact]
    public void Feeds_are_read_with_their_folders()
    {
        var list = OpmlReader.Read(
            """
            <?xml version="1.0"?><opml version="2.0"><head><title>Mine</title></head><body>
            <outline text="County"><outline text="Sky"><outline type="rss" text="Dark sky" xmlUrl="https://darksky.example/atom.xml" htmlUrl="https://darksky.example/"/></outline>
            <outline TITLE="Walkers" xmlURL="https://walkers.example/news.xml"/></outline>
            <outline text="Twice" xmlUrl="https://walkers.example/news.xml"/><outline text="Just a note"/></body></opml>
            """
        );
        Assert.Null(list.Problem);
        Assert.Equal(
            [
                new OpmlOutline(
                    "Dark sky",
                    "https://darksky.example/atom.xml",
                    "https://darksky.example/",
                    "County / Sky"
                ),
                new OpmlOutline("Walkers", "https://walkers.example/news.xml", null, "County"),
            ],
            list.Feeds
        );
    }

    [Theory]
    [InlineData("<rss/>", "rss")]
    [InlineData("<opml><body><outline text=\"a\"/></body></opml>", "xmlUrl")]
    [InlineData("not a list", "line 1")]
    public void A_list_that_is_none_is_told(string text, string word) =>
        Assert.Contains(word, OpmlReader.Read(text).Problem, StringComparison.Ordinal);

    [Fact]
    public void A_list_that_breaks_off_keeps_what_stood_before()
    {
        var list = OpmlReader.Read(
            "<opml><body><outline text=\"A\" xmlUrl=\"https://a.example/\"/><outline text=\"B\" xmlUrl="
        );
        Assert.Equal("https://a.example/", Assert.Single(list.Feeds).FeedAddress);
        Assert.NotNull(list.Problem);
    }

    [Fact]
    public void What_is_written_is_read_back() =>
        Gen.Select(Gen.Int[0, 2], Gen.String[Gen.Char.AlphaNumeric, 1, 12])
            .Array[1, 12]
            .Sample(feeds =>
            {
                var list = feeds
                    .Select(
                        (feed, at) =>
                            new OpmlOutline(
                                $"{feed.Item2} & co",
                                $"https://a.example/{at}?x=1&y=2",
                                at % 2 == 0 ? $"https://a.example/{at}/" : null,
                                feed.Item1 == 0 ? null : $"Folder {feed.Item1}"
                            )
                    )
                    .ToList();
                var read = OpmlReader.Read(Encoding.UTF8.GetString(OpmlWriter.Write("Ours", list)));
                Assert.Null(read.Problem);
                Assert.Equal(
                    list.OrderBy(feed => feed.FeedAddress, StringComparer.Ordinal),
                    read.Feeds.OrderBy(feed => feed.FeedAddress, StringComparer.Ordinal)
                );
            });
}
