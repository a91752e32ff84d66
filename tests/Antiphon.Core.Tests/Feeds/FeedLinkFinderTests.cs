using Antiphon.Core.Feeds.Discovery;

namespace Antiphon.Core.Tests.Feeds;

public sealed class FeedLinkFinderTests
{
    private static readonly Uri Page = new("https://bench.example/blog/one");

    [Theory]
    [InlineData("<link rel=\"alternate\" type=\"application/rss+xml\" href=\"/feed.xml\">", "https://bench.example/feed.xml", FeedLinkKind.Alternate)]
    [InlineData("<link rel=\"feed\" href=\"atom\">", "https://bench.example/blog/atom", FeedLinkKind.Alternate)]
    [InlineData("<base href=\"https://cdn.example/\"><a href=\"rss.xml\">RSS</a>", "https://cdn.example/rss.xml", FeedLinkKind.Anchor)]
    public void A_page_names_its_feeds(string html, string address, FeedLinkKind kind)
    {
        var link = Assert.Single(FeedLinkFinder.InPage(html, Page));
        Assert.Equal((address, kind), (link.Address.AbsoluteUri, link.Kind));
    }

    [Fact]
    public void Feeds_of_comments_come_last()
    {
        const string Html = "<link rel=alternate type=application/rss+xml href=/comments/feed><link rel=alternate type=application/rss+xml href=/feed>";
        Assert.Equal(["https://bench.example/feed", "https://bench.example/comments/feed"], FeedLinkFinder.InPage(Html, Page).Select(link => link.Address.AbsoluteUri));
    }

    [Fact]
    public void Ordinary_links_and_style_sheets_are_left_alone() =>
        Assert.Empty(FeedLinkFinder.InPage("<link rel=stylesheet href=/feed.css><a href=/about>About our feed</a><a href=\"javascript:feed\">x</a>", Page));

    [Fact]
    public void Usual_paths_are_bounded_and_stay_on_the_host()
    {
        var paths = FeedLinkFinder.UsualPaths(Page);
        Assert.InRange(paths.Count, 1, FeedLinkFinder.MaxCandidates);
        Assert.All(paths, path => Assert.Equal("bench.example", path.Address.Host));
    }
}
