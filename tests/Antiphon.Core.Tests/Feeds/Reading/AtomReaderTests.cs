using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Tests.Feeds.Reading;

public sealed class AtomReaderTests
{
    private const string Namespace = "xmlns=\"http://www.w3.org/2005/Atom\"";

    [Theory]
    [InlineData("<title>Plain &amp; simple</title>", "Plain & simple")]
    [InlineData("<title type=\"html\">&lt;b&gt;Bold&lt;/b&gt; &amp;amp; more</title>", "Bold & more")]
    [InlineData(
        "<title type=\"xhtml\"><div xmlns=\"http://www.w3.org/1999/xhtml\">A <em>div</em></div></title>",
        "A div"
    )]
    [InlineData("<title><![CDATA[In a section]]></title>", "In a section")]
    public void Every_kind_of_text_construct_gives_the_words(string title, string expected) =>
        Assert.Equal(expected, Entry(title).Title);

    [Fact]
    public void Links_are_told_apart_by_their_relation()
    {
        var entry = Entry(
            "<link rel=\"self\" href=\"https://a.example/self\"/><link rel=\"enclosure\" href=\"https://a.example/a.mp3\" type=\"audio/mpeg\" length=\"9\"/><link rel=\"replies\" href=\"https://a.example/c\"/><link href=\"https://a.example/1\"/>"
        );
        Assert.Equal(("https://a.example/1", "https://a.example/c"), (entry.Link, entry.CommentsUrl));
        Assert.Equal(new FeedEnclosure("https://a.example/a.mp3", "audio/mpeg", 9), entry.Enclosures.Single());
    }

    [Fact]
    public void Content_kept_elsewhere_is_the_link_when_there_is_no_other() =>
        Assert.Equal(
            "https://a.example/long",
            Entry("<content type=\"text/html\" src=\"https://a.example/long\"/>").Link
        );

    [Fact]
    public void Authors_have_name_mail_and_address()
    {
        var author = Entry(
            "<author><name>Imogen Tarrant</name><email>imogen@quillmoor.example</email><uri>https://quillmoor.example/</uri></author>"
        )
            .Authors.Single();
        Assert.Equal(
            ("Imogen Tarrant", "imogen@quillmoor.example", "https://quillmoor.example/"),
            (author.Name, author.Email, author.Url)
        );
    }

    [Fact]
    public void Categories_are_their_terms_and_the_source_its_title()
    {
        var entry = Entry(
            "<category term=\"Night Log\"/><category term=\"moon\" label=\"The moon\"/><source><title>Elsewhere</title><id>x</id></source>"
        );
        Assert.Equal("Elsewhere", entry.Source);
        Assert.Equal(2, entry.Categories.Count);
    }

    [Fact]
    public void A_feed_tells_of_itself()
    {
        var feed = FeedReader
            .Read(
                $"<feed {Namespace} xml:lang=\"en-GB\"><id>tag:a</id><title>T</title><subtitle>S</subtitle><rights>R</rights><generator>G</generator><logo>https://a.example/l.png</logo><icon>https://a.example/i.ico</icon>"
                    + "<updated>2026-11-24T09:30:00Z</updated><link rel=\"self\" href=\"https://a.example/atom\"/><link rel=\"hub\" href=\"https://hub.example/\"/><link href=\"https://a.example/\"/></feed>",
                new FeedReadOptions()
            )
            .Feed!;
        Assert.Equal(
            ("tag:a", "T", "S", "R", "G", "en-GB"),
            (feed.Id, feed.Title, feed.Description, feed.Copyright, feed.Generator, feed.Language)
        );
        Assert.Equal(
            ("https://a.example/", "https://a.example/atom", "https://a.example/l.png", "https://a.example/i.ico"),
            (feed.Link, feed.FeedLink, feed.Image!.Url, feed.Icon)
        );
        Assert.Equal(["https://hub.example/"], feed.Hubs);
    }

    [Fact]
    public void An_entry_alone_is_a_feed_of_one()
    {
        var read = FeedReader.Read($"<entry {Namespace}><title>Alone</title></entry>", new FeedReadOptions());
        Assert.Equal((FeedFormat.Atom, "Alone"), (read.Format, read.Feed!.Items.Single().Title));
    }

    [Fact]
    public void Whole_entries_survive_a_break_right_behind_them()
    {
        var read = FeedReader.Read(
            $"<feed {Namespace}><entry><title>One</title></entry><entry><title>Two</title></entry></fe",
            new FeedReadOptions()
        );
        Assert.Equal(["One", "Two"], read.Feed!.Items.Select(item => item.Title));
        Assert.Equal("xml-broken-off", read.Findings[0].Rule.Id);
    }

    private static FeedItem Entry(string inner) =>
        FeedReader.Read($"<feed {Namespace}><entry>{inner}</entry></feed>", new FeedReadOptions()).Feed!.Items.Single();
}
