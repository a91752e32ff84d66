using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Reading;

public sealed class JsonFeedReaderTests
{
    [Theory]
    [InlineData("https://jsonfeed.org/version/1", "1")]
    [InlineData("https://jsonfeed.org/version/1.1", "1.1")]
    public void The_version_is_told(string version, string expected) =>
        Assert.StartsWith(
            expected,
            Read($"{{\"version\":\"{version}\",\"title\":\"T\",\"items\":[]}}").Version,
            StringComparison.Ordinal
        );

    [Fact]
    public void An_item_gives_all_it_has()
    {
        var item = Item(
            """
            {"id":"a1","url":"https://a.example/1","title":"One","content_html":"<p>x</p>","summary":"s","image":"https://a.example/i.png","date_published":"2026-11-24T09:30:00Z","date_modified":"2026-11-25T09:30:00Z",
             "authors":[{"name":"Imogen","url":"https://a.example/imogen"}],"tags":["moon","fog"],"attachments":[{"url":"https://a.example/a.mp3","mime_type":"audio/mpeg","size_in_bytes":9}]}
            """
        );
        Assert.Equal(
            ("a1", "https://a.example/1", "One", "<p>x</p>", "s", "https://a.example/i.png"),
            (item.Id, item.Link, item.Title, item.ContentHtml, item.Summary, item.Image)
        );
        Assert.Equal((24, 25), (item.Published!.Value.Day, item.Updated!.Value.Day));
        Assert.Equal(("Imogen", "https://a.example/imogen"), (item.Authors.Single().Name, item.Authors.Single().Url));
        Assert.Equal(["moon", "fog"], item.Categories);
        Assert.Equal(new FeedEnclosure("https://a.example/a.mp3", "audio/mpeg", 9), item.Enclosures.Single());
    }

    [Fact]
    public void A_number_serves_as_an_id() => Assert.Equal("17", Item("{\"id\":17,\"content_text\":\"x\"}").Id);

    [Fact]
    public void The_author_of_version_one_is_read() =>
        Assert.Equal("Dov", Item("{\"id\":\"1\",\"author\":{\"name\":\"Dov\"}}").Authors.Single().Name);

    [Theory]
    [InlineData("{\"id\":\"1\",\"title\":5,\"tags\":\"moon\",\"authors\":{},\"attachments\":[1,null]}")]
    [InlineData("{\"id\":null}")]
    [InlineData("{}")]
    public void Values_of_another_kind_are_left_out_and_harm_nothing(string item)
    {
        var read = Item(item);
        Assert.Null(read.Title);
        Assert.Empty(read.Categories);
    }

    [Theory]
    [InlineData("[1,2]")]
    [InlineData("{\"items\":5}")]
    [InlineData("{\"version\":\"https://jsonfeed.org/version/1.1\"")]
    public void Json_of_another_kind_is_a_finding(string text) => Assert.NotEmpty(Read(text).Findings);

    [Fact]
    public void Mutated_json_never_throws()
    {
        const string Good =
            "{\"version\":\"https://jsonfeed.org/version/1.1\",\"title\":\"T\",\"items\":[{\"id\":\"1\",\"title\":\"\\u00e9\",\"date_published\":\"2026-11-24T09:30:00Z\"}]}";
        Gen.Select(Gen.Int[0, Good.Length - 1], Gen.Char, Gen.Int[1, Good.Length])
            .Sample(
                (at, c, length) =>
                {
                    var text = (Good[..at] + c + Good[(at + 1)..])[..length];
                    Assert.NotNull(Read("{" + text).Findings);
                    Assert.NotNull(Read(text).Findings);
                },
                iter: 2000
            );
    }

    private static FeedReadResult Read(string text) => FeedReader.Read(text, new FeedReadOptions());

    private static FeedItem Item(string item) =>
        Read($"{{\"version\":\"https://jsonfeed.org/version/1.1\",\"title\":\"T\",\"items\":[{item}]}}")
            .Feed!.Items.Single();
}
