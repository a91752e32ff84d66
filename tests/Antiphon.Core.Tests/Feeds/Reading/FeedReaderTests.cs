using System.Text;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Tests.Feeds.Reading;

public sealed class FeedReaderTests
{
    [Theory]
    [InlineData(
        "<rss version=\"2.0\"><channel><title>T</title><item><title>One</title><link>https://a.example/1</link></item></channel></rss>",
        FeedFormat.Rss,
        "2.0"
    )]
    [InlineData(
        "<rss version=\"0.91\"><channel><title>T</title><item><title>One</title><link>https://a.example/1</link></item></channel></rss>",
        FeedFormat.Rss,
        "0.91"
    )]
    [InlineData(
        "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns=\"http://purl.org/rss/1.0/\"><channel><title>T</title></channel><item><title>One</title><link>https://a.example/1</link></item></rdf:RDF>",
        FeedFormat.Rdf,
        "1.0"
    )]
    [InlineData(
        "<feed xmlns=\"http://www.w3.org/2005/Atom\"><title>T</title><entry><title>One</title><link href=\"https://a.example/1\"/></entry></feed>",
        FeedFormat.Atom,
        "1.0"
    )]
    [InlineData(
        "{\"version\":\"https://jsonfeed.org/version/1.1\",\"title\":\"T\",\"items\":[{\"id\":\"1\",\"title\":\"One\",\"url\":\"https://a.example/1\"}]}",
        FeedFormat.JsonFeed,
        "1.1"
    )]
    public void Every_format_gives_the_same_model(string text, FeedFormat format, string version)
    {
        var read = FeedReader.Read(text, new FeedReadOptions());
        Assert.Equal((format, version, "T"), (read.Format, read.Version, read.Feed!.Title));
        var item = Assert.Single(read.Feed.Items);
        Assert.Equal(("One", "https://a.example/1"), (item.Title, item.Link));
        Assert.Empty(read.Findings);
    }

    [Fact]
    public void Entries_before_a_break_survive()
    {
        var read = FeedReader.Read(
            "<rss version=\"2.0\"><channel><title>T</title><item><title>One</title></item><item><title>Two</tit",
            new FeedReadOptions()
        );
        Assert.Equal("One", Assert.Single(read.Feed!.Items).Title);
        Assert.Equal("xml-broken-off", read.Findings[0].Rule.Id);
        Assert.Contains(read.Findings, finding => finding.Rule.Id == "xml-broken-off");
    }

    [Theory]
    [InlineData(
        "<rss version=\"2.0\"><channel><title>T</title><title>U</title><link>https://a.example/</link><link>https://b.example/</link><item><title>One</title><title>Two</title><guid>1</guid><guid isPermaLink=\"false\">2</guid></item></channel></rss>"
    )]
    [InlineData(
        "<feed xmlns=\"http://www.w3.org/2005/Atom\"><title>T</title><title>U</title><updated>2026-11-24T00:00:00Z</updated><updated>2026-11-25T00:00:00Z</updated><entry><title>One</title><title>Two</title><author><name>A</name><name>B</name></author></entry></feed>"
    )]
    public void The_first_of_a_repeated_element_counts_and_reading_goes_on(string xml)
    {
        var feed = FeedReader.Read(xml, new FeedReadOptions()).Feed!;
        Assert.Equal(("T", "One"), (feed.Title, Assert.Single(feed.Items).Title));
    }

    [Fact]
    public void A_guid_is_the_link_unless_it_says_otherwise()
    {
        Assert.Equal("https://a.example/1", ItemOf("<guid>https://a.example/1</guid>").Link);
        Assert.Null(ItemOf("<guid isPermaLink=\"false\">https://a.example/1</guid>").Link);
    }

    [Theory]
    [InlineData(
        "<author>imogen@quillmoor.example (Imogen Tarrant)</author>",
        "Imogen Tarrant",
        "imogen@quillmoor.example"
    )]
    [InlineData(
        "<author>Imogen Tarrant &lt;imogen@quillmoor.example&gt;</author>",
        "Imogen Tarrant",
        "imogen@quillmoor.example"
    )]
    [InlineData("<dc:creator xmlns:dc=\"http://purl.org/dc/elements/1.1/\">Dov</dc:creator>", "Dov", null)]
    public void Authors_are_told_apart(string xml, string name, string? mail)
    {
        var author = Assert.Single(ItemOf(xml).Authors);
        Assert.Equal((name, mail), (author.Name, author.Email));
    }

    [Fact]
    public void Addresses_are_resolved_against_xml_base_and_the_document()
    {
        const string Atom =
            "<feed xmlns=\"http://www.w3.org/2005/Atom\" xml:base=\"/blog/\"><entry xml:base=\"2026/\"><link href=\"one\"/></entry></feed>";
        var read = FeedReader.Read(Atom, new FeedReadOptions(Address: new Uri("https://a.example/feeds/atom.xml")));
        Assert.Equal("https://a.example/blog/2026/one", read.Feed!.Items[0].Link);
    }

    [Fact]
    public void The_div_around_xhtml_content_is_taken_off()
    {
        const string Atom =
            "<feed xmlns=\"http://www.w3.org/2005/Atom\"><entry><content type=\"xhtml\"><div xmlns=\"http://www.w3.org/1999/xhtml\"><p>One <b>two</b></p></div></content></entry></feed>";
        Assert.Equal("<p>One <b>two</b></p>", FeedReader.Read(Atom, new FeedReadOptions()).Feed!.Items[0].ContentHtml);
    }

    [Fact]
    public void The_charset_served_wins_over_the_one_declared()
    {
        var bytes = Encoding.Latin1.GetBytes(
            "<?xml version=\"1.0\" encoding=\"utf-8\"?><rss version=\"2.0\"><channel><title>Café</title></channel></rss>"
        );
        Assert.Equal(
            "Café",
            FeedReader.Read(bytes, new FeedReadOptions("application/rss+xml; charset=iso-8859-1")).Feed!.Title
        );
    }

    private static FeedItem ItemOf(string inner) =>
        FeedReader
            .Read($"<rss version=\"2.0\"><channel><item>{inner}</item></channel></rss>", new FeedReadOptions())
            .Feed!.Items[0];
}
