using Antiphon.Core.Feeds.Following;

namespace Antiphon.Core.Tests.Feeds.Following;

/// <summary>Addresses of feeds as people keep them.</summary>
public sealed class FeedAddressListTests
{
    [Theory]
    [InlineData("<opml version=\"2.0\"><body/></opml>", true)]
    [InlineData("  <?xml version=\"1.0\"?>\n<!-- mine -->\n<OPML version=\"1.0\"/>", true)]
    [InlineData("<!DOCTYPE opml SYSTEM \"x\"><opml>", true)]
    [InlineData("<rss version=\"2.0\"><channel><title>opml</title></channel></rss>", false)]
    [InlineData("<rss><!-- <opml> --></rss>", false)]
    [InlineData("https://quillmoor.example/opml", false)]
    public void A_list_of_subscriptions_is_known_by_its_root(string text, bool expected) =>
        Assert.Equal(expected, FeedAddressList.IsOpml(text));

    [Fact]
    public void Lines_are_addresses_each_once() =>
        Assert.Equal(
            ["https://a.example/feed", "b.example"],
            FeedAddressList
                .Read("https://a.example/feed\r\n\n# neighbours\n  b.example \nhttps://a.example/feed")
                .Addresses
        );

    [Fact]
    public void A_list_that_breaks_off_keeps_what_stands_before()
    {
        var (addresses, problem) = FeedAddressList.Read(
            "<opml><body><outline xmlUrl=\"https://a.example/feed\"/><outline"
        );
        Assert.Equal(["https://a.example/feed"], addresses);
        Assert.NotNull(problem);
    }
}
