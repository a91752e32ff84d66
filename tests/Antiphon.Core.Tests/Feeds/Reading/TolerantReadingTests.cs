using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Documents;

namespace Antiphon.Core.Tests.Feeds.Reading;

/// <summary>What feeds in the wild do, and what is read of it all the same.</summary>
public sealed class TolerantReadingTests
{
    private static Feed Read(string text) => FeedReader.Read(text, new FeedReadOptions()).Feed!;

    private static FeedItem Item(string inside) =>
        Read($"<rss version=\"2.0\"><channel><title>t</title><item>{inside}</item></channel></rss>").Items[0];

    private static FeedItem Entry(string inside, string around = "") =>
        Read(
            $"<feed xmlns=\"http://www.w3.org/2005/Atom\" {around}><title>t</title><entry>{inside}</entry></feed>"
        ).Items[0];

    [Theory]
    [InlineData("<title>Salt & pepper</title>", "Salt & pepper")]
    [InlineData("<title>caf&eacute;</title>", "café")]
    [InlineData("<title>bell\u0007</title>", "bell")]
    [InlineData("<title>open<link>http://a.example/</link>", "open<link>http://a.example/</link>")]
    public void BrokenXmlIsReadAndTold(string inside, string title)
    {
        var read = FeedReader.Read(
            $"<rss version=\"2.0\"><channel><title>t</title><item>{inside}</item></channel></rss>",
            new FeedReadOptions()
        );
        Assert.Equal(title, read.Feed!.Items[0].Title);
        Assert.Contains(Assert.Single(read.Findings).Rule, MendRules.All);
    }

    [Fact]
    public void TextBeforeTheFeedIsPassedOverAndTold()
    {
        var read = FeedReader.Read(
            "Warning: something in line 3\n<?xml version=\"1.0\"?><rss version=\"2.0\"><channel><title>t</title></channel></rss>",
            new FeedReadOptions()
        );
        Assert.Equal(("t", "xml-text-before-feed"), (read.Feed!.Title, read.Findings[0].Rule.Id));
    }

    [Fact]
    public void WholeEntriesSurviveADocumentThatBreaksOff() =>
        Assert.Equal(
            ["one"],
            Read("<rss><channel><title>a & b</title><item><title>one</title></item><item><title>tw")
                .Items.Select(item => item.Title)
        );

    [Theory]
    [InlineData(
        "<summary type=\"html\" xml:base=\"http://a.example/deep/\">&lt;a href=\"x\"&gt;y&lt;/a&gt;</summary>",
        "<a href=\"http://a.example/deep/x\">y</a>"
    )]
    [InlineData(
        "<summary type=\"html\" xml:base=\"http://a.example/deep/\">&lt;a href=\"\"&gt;y&lt;/a&gt;</summary>",
        "<a href=\"http://a.example/deep/\">y</a>"
    )]
    [InlineData(
        "<summary type=\"html\" xml:base=\"http://a.example/\">&lt;img src=\"p.png\"&gt; &lt;a href=\"#n\"&gt;n&lt;/a&gt; &lt;a href=\"mailto:x@y.example\"&gt;m&lt;/a&gt;</summary>",
        "<img src=\"http://a.example/p.png\"> <a href=\"#n\">n</a> <a href=\"mailto:x@y.example\">m</a>"
    )]
    [InlineData(
        "<summary type=\"xhtml\"><div xmlns=\"http://www.w3.org/1999/xhtml\">a <b>b</b><br/></div></summary>",
        "a <b>b</b><br />"
    )]
    [InlineData(
        "<summary type=\"xhtml\" xmlns:h=\"http://www.w3.org/1999/xhtml\"><h:div><h:p>a</h:p></h:div></summary>",
        "<p>a</p>"
    )]
    [InlineData(
        "<summary type=\"xhtml\"><div xmlns=\"http://www.w3.org/1999/xhtml\"><p xml:base=\"http://b.example/\"><a href=\"x\">y</a></p></div></summary>",
        "<p><a href=\"http://b.example/x\">y</a></p>"
    )]
    [InlineData("<summary type=\"text\">1 &lt; 2</summary>", "1 &lt; 2")]
    [InlineData("<summary type=\"application/octet-stream\">SGVsbG8=</summary>", "Hello")]
    public void TextConstructsAreUnderstood(string inside, string html) => Assert.Equal(html, Entry(inside).Summary);

    [Fact]
    public void EveryBaseOnTheWayCounts()
    {
        var entry = Entry(
            "<link href=\"x\" xml:base=\"deeper/\"/><author xml:base=\"/people/\"><name>Ida</name><uri>ida</uri></author>",
            "xml:base=\"http://a.example/blog/\""
        );
        Assert.Equal(
            ("http://a.example/blog/deeper/x", "http://a.example/people/ida"),
            (entry.Link, entry.Authors[0].Url)
        );
    }

    [Fact]
    public void Atom03IsRead()
    {
        var read = FeedReader.Read(
            """
            <feed version="0.3" xmlns="http://purl.org/atom/ns#"><title>Log</title><tagline mode="escaped" type="text/html">&lt;b&gt;Nights&lt;/b&gt;</tagline><copyright>Ours</copyright><modified>2003-12-13T18:30:02Z</modified>
            <entry><title mode="base64">U2F0dXJu</title><issued>2003-12-13T08:29:29-04:00</issued><modified>2003-12-14T00:00:00Z</modified><author><name>Ida</name><url>http://a.example/</url></author>
            <content type="text/html" mode="escaped">&lt;p&gt;x&lt;/p&gt;</content></entry>
            <entry><title>Two</title><created>2003-12-12T00:00:00Z</created><content type="application/xhtml+xml" mode="xml"><div xmlns="http://www.w3.org/1999/xhtml"><i>y</i></div></content></entry></feed>
            """,
            new FeedReadOptions()
        );
        var (feed, first) = (read.Feed!, read.Feed!.Items[0]);
        Assert.Equal(
            (FeedFormat.Atom, "0.3", "Nights", "Ours"),
            (read.Format, read.Version, feed.Description, feed.Copyright)
        );
        Assert.Equal(
            ("Saturn", "<p>x</p>", "http://a.example/", 12),
            (first.Title, first.ContentHtml, first.Authors[0].Url, first.Published!.Value.Hour)
        );
        Assert.Equal(("<i>y</i>", 12), (feed.Items[1].ContentHtml, feed.Items[1].Published!.Value.Day));
    }

    [Theory]
    [InlineData("xmlns:x=\"http://search.yahoo.com/mrss\"", "<x:thumbnail url=\"http://a.example/p.png\"/>")]
    [InlineData(
        "xmlns:media=\"https://search.yahoo.com/MRSS/\"",
        "<media:group><media:thumbnail url=\"http://a.example/p.png\"/></media:group>"
    )]
    public void MisspeltNamespacesAreUnderstood(string declaration, string inside) =>
        Assert.Equal(
            "http://a.example/p.png",
            Read(
                $"<rss version=\"2.0\" {declaration}><channel><title>t</title><item><title>x</title>{inside}</item></channel></rss>"
            )
                .Items[0]
                .Image
        );

    [Theory]
    [InlineData(
        "<rss version=\"2.0\" xmlns=\"http://backend.userland.com/rss2\"><channel><title>t</title></channel></rss>"
    )]
    [InlineData("<channel><title>t</title></channel>")]
    [InlineData(
        "<!DOCTYPE rss PUBLIC \"-//Netscape//DTD RSS 0.91//EN\" \"http://my.netscape.com/publish/formats/rss-0.91.dtd\"><rss version=\"0.91\"><channel><title>t</title></channel></rss>"
    )]
    [InlineData(
        "<r:RDF xmlns:r=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns:s=\"http://purl.org/rss/1.0/\"><s:channel><s:title>t</s:title></s:channel></r:RDF>"
    )]
    public void OddRootsAreRead(string text) => Assert.Equal("t", Read(text).Title);

    [Fact]
    public void TheImageOfRss10IsFound()
    {
        const string Rdf =
            "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns=\"http://purl.org/rss/1.0/\"><channel><title>t</title><image rdf:resource=\"http://a.example/i.png\"/></channel>";
        Assert.Equal("http://a.example/i.png", Read(Rdf + "</rdf:RDF>").Image!.Url);
        Assert.Equal(
            new FeedImage("http://a.example/j.png", "J"),
            Read(
                Rdf + "<image rdf:about=\"x\"><url>http://a.example/j.png</url><title>J</title></image></rdf:RDF>"
            ).Image
        );
    }

    [Fact]
    public void AnEntrysModuleTitleIsNotItsTitle() =>
        Assert.Equal(
            "Mine",
            Entry("<m:title xmlns:m=\"http://search.yahoo.com/mrss/\">Theirs</m:title><title>Mine</title>").Title
        );

    [Fact]
    public void ModulesStandInWhereTheItemSaysNothing()
    {
        var item = Item(
            "<a:summary xmlns:a=\"http://www.w3.org/2005/Atom\">short</a:summary><t:issued xmlns:t=\"http://purl.org/dc/terms/\">2026-01-02</t:issued><body xmlns=\"http://www.w3.org/1999/xhtml\"><p>long</p></body><s:comments xmlns:s=\"http://purl.org/rss/1.0/modules/slash/\">7</s:comments><w:commentRss xmlns:w=\"http://wellformedweb.org/CommentAPI/\">http://a.example/c</w:commentRss>"
        );
        Assert.Equal(
            ("short", "<p>long</p>", 2, 7, "http://a.example/c"),
            (item.Summary, item.ContentHtml, item.Published!.Value.Day, item.CommentCount!.Value, item.CommentsFeed)
        );
    }

    [Fact]
    public void RepliesTellTheirNumber()
    {
        var entry = Entry(
            "<link rel=\"replies\" type=\"application/atom+xml\" href=\"http://a.example/c.atom\" t:count=\"3\" xmlns:t=\"http://purl.org/syndication/thread/1.0\"/><link rel=\"http://www.iana.org/assignments/relation/alternate\" href=\"http://a.example/p\"/>"
        );
        Assert.Equal(
            (3, "http://a.example/c.atom", "http://a.example/p"),
            (entry.CommentCount!.Value, entry.CommentsFeed, entry.Link)
        );
    }
}
