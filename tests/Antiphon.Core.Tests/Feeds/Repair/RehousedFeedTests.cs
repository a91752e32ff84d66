using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair;

namespace Antiphon.Core.Tests.Feeds.Repair;

public sealed class RehousedFeedTests
{
    private const string Ours = "https://antiphon.example/feeds/repaired/k";
    private static readonly Uri Original = new("https://band.example/news/feed.xml");

    public static TheoryData<string> Documents =>
        new()
        {
            "<feed xmlns=\"http://www.w3.org/2005/Atom\"><id>x</id><title>Band</title><link rel=\"self\" href=\"feed.xml\"/><entry><id>1</id><title>A</title><link href=\"1\"/></entry></feed>",
            "<feed xmlns=\"http://www.w3.org/2005/Atom\" xml:base=\"/news/\"><id>x</id><title>Band</title><entry><id>1</id><title>A</title><link href=\"1\"/></entry></feed>",
            "<rss version=\"2.0\"><channel><title>Band</title><link>./</link><description>d</description><item><title>A</title><link>1</link></item></channel></rss>",
            "<rdf:RDF xmlns:rdf=\"http://www.w3.org/1999/02/22-rdf-syntax-ns#\" xmlns=\"http://purl.org/rss/1.0/\"><channel><title>Band</title></channel><item><title>A</title><link>1</link></item></rdf:RDF>",
            "{\"version\":\"https://jsonfeed.org/version/1.1\",\"title\":\"Band\",\"feed_url\":\"https://band.example/news/feed.xml\",\"items\":[{\"id\":\"1\",\"title\":\"A\",\"url\":\"https://band.example/news/1\"}]}",
        };

    [Theory]
    [MemberData(nameof(Documents))]
    public void It_names_its_new_address_and_leads_where_it_led(string document)
    {
        var feed = FeedReader
            .Read(RehousedFeed.Of(document, Original, Ours), new FeedReadOptions(null, new Uri(Ours)))
            .Feed!;
        Assert.Equal((Ours, "https://band.example/news/1", "Band"), (feed.FeedLink, feed.Items[0].Link, feed.Title));
    }

    [Theory]
    [MemberData(nameof(Documents))]
    public void Doing_it_twice_changes_nothing(string document)
    {
        var once = RehousedFeed.Of(document, Original, Ours);
        Assert.Equal(once, RehousedFeed.Of(once, Original, Ours));
    }

    [Fact]
    public void What_is_no_document_is_left_alone() => Assert.Equal("<rss", RehousedFeed.Of("<rss", Original, Ours));
}
