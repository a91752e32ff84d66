using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Tests.Html;

namespace Antiphon.Core.Tests.Feeds.Discovery;

public sealed class FeedLinkFinderTests
{
    private static readonly Uri Page = new("https://bench.example/blog/one");

    [Theory]
    [InlineData(
        "<link rel=\"alternate\" type=\"application/rss+xml\" href=\"/feed.xml\">",
        "https://bench.example/feed.xml",
        FeedLinkKind.Alternate
    )]
    [InlineData("<link rel=\"feed\" href=\"atom\">", "https://bench.example/blog/atom", FeedLinkKind.Alternate)]
    [InlineData(
        "<base href=\"https://cdn.example/\"><a href=\"rss.xml\">RSS</a>",
        "https://cdn.example/rss.xml",
        FeedLinkKind.Anchor
    )]
    public void A_page_names_its_feeds(string html, string address, FeedLinkKind kind)
    {
        var link = Assert.Single(FeedLinkFinder.InPage(TestPage.Of(html), Page));
        Assert.Equal((address, kind), (link.Address.AbsoluteUri, link.Kind));
    }

    [Fact]
    public void Feeds_of_comments_come_last()
    {
        const string Html =
            "<link rel=alternate type=application/rss+xml href=/comments/feed><link rel=alternate type=application/rss+xml href=/feed>";
        Assert.Equal(
            ["https://bench.example/feed", "https://bench.example/comments/feed"],
            FeedLinkFinder.InPage(TestPage.Of(Html), Page).Select(link => link.Address.AbsoluteUri)
        );
    }

    [Fact]
    public void Ordinary_links_and_style_sheets_are_left_alone() =>
        Assert.Empty(
            FeedLinkFinder.InPage(
                TestPage.Of(
                    "<link rel=stylesheet href=/feed.css><a href=/about>About our feed</a><a href=\"javascript:feed\">x</a>"
                ),
                Page
            )
        );

    [Fact]
    public void Usual_paths_are_bounded_and_stay_on_the_host()
    {
        var paths = FeedLinkFinder.UsualPaths(Page);
        Assert.InRange(paths.Count, 1, FeedLinkFinder.MaxGuesses);
        Assert.All(paths, path => Assert.Equal("bench.example", path.Address.Host));
    }

    [Theory]
    [InlineData(
        "https://bench.example/blog/one",
        "https://bench.example/blog/one/feed https://bench.example/blog/one.rss https://bench.example/blog/feed https://bench.example/feed.xml https://bench.example/feed.json"
    )]
    [InlineData(
        "https://bench.example/",
        "https://bench.example/feed https://bench.example/rss.xml https://bench.example/feed.json"
    )]
    public void Usual_places_are_the_nearest(string page, string some) =>
        Assert.Subset(
            FeedLinkFinder.UsualPaths(new Uri(page)).Select(link => link.Address.AbsoluteUri).ToHashSet(),
            some.Split(' ').ToHashSet()
        );

    [Fact]
    public void The_server_of_a_page_can_name_feeds()
    {
        string[] headers =
        [
            "</news.atom>; rel=\"alternate\"; type=\"application/atom+xml\"; title=\"A, b\", </style.css>; rel=preload",
            "<https://hub.example/>; rel=hub",
        ];
        var link = Assert.Single(FeedLinkFinder.InPage(TestPage.Of("<p>x</p>"), Page, headers));
        Assert.Equal(("https://bench.example/news.atom", FeedLinkKind.Header), (link.Address.AbsoluteUri, link.Kind));
    }

    [Fact]
    public void The_whole_blog_comes_before_its_parts_and_its_comments()
    {
        const string Html =
            "<link rel=alternate type=application/rss+xml href=/comments/feed><link rel=alternate type=application/rss+xml href=/category/brass/feed><link rel=alternate type=application/rss+xml href='/feed?tag=oak'><link rel=alternate type=application/rss+xml href=/feed>";
        Assert.Equal(
            [FeedScope.Whole, FeedScope.Part, FeedScope.Part, FeedScope.Comments],
            FeedLinkFinder.InPage(TestPage.Of(Html), Page).Select(link => link.Scope)
        );
    }

    [Theory]
    [InlineData(FeedLinkKind.Alternate, FeedScope.Whole, "https://bench.example/f", 3, "the page names it as its feed")]
    [InlineData(
        FeedLinkKind.Alternate,
        FeedScope.Comments,
        "https://bench.example/f",
        3,
        "the page names it as its feed; holds comments, not posts"
    )]
    [InlineData(
        FeedLinkKind.Header,
        FeedScope.Part,
        "https://bench.example/f",
        3,
        "the page’s server names it as its feed; holds a part of the blog only"
    )]
    [InlineData(
        FeedLinkKind.Anchor,
        FeedScope.Whole,
        "https://feeds.example/f",
        0,
        "the page links to it; lives at feeds.example; has no entries yet"
    )]
    [InlineData(
        FeedLinkKind.UsualPath,
        FeedScope.Whole,
        "https://bench.example/f",
        1,
        "found at a common feed address"
    )]
    public void The_reason_of_a_rank_is_told(
        FeedLinkKind kind,
        FeedScope scope,
        string address,
        int entries,
        string reason
    ) => Assert.Equal(reason, FeedRank.Reason(new FeedLink(new Uri(address), kind, scope), Page, entries));

    [Fact]
    public void A_feed_with_entries_comes_before_an_empty_one_that_is_better_named() =>
        Assert.True(
            FeedRank.Order(new FeedLink(Page, FeedLinkKind.UsualPath), 3)
                < FeedRank.Order(new FeedLink(Page, FeedLinkKind.Alternate), 0)
        );

    [Theory]
    [InlineData("<meta http-equiv=\"refresh\" content=\"0; url='/new'\">", "https://bench.example/new", null)]
    [InlineData("<meta http-equiv=Refresh content=\"2;URL=https://other.example/\">", "https://other.example/", null)]
    [InlineData("<meta http-equiv=refresh content=\"300\">", null, null)]
    [InlineData("<meta http-equiv=refresh content=\"300; url=/news\">", null, null)]
    [InlineData(
        "<link rel=canonical href=https://www.bench.example/blog/one>",
        null,
        "https://www.bench.example/blog/one"
    )]
    [InlineData("<link rel=canonical href=/blog/one>", null, null)]
    [InlineData("<p>x</p>", null, null)]
    public void A_page_can_lead_elsewhere(string html, string? refresh, string? canonical) =>
        Assert.Equal(
            (refresh, canonical),
            (
                PageSigns.Of(TestPage.Of(html), Page).Refresh?.AbsoluteUri,
                PageSigns.Of(TestPage.Of(html), Page).Canonical?.AbsoluteUri
            )
        );
}
