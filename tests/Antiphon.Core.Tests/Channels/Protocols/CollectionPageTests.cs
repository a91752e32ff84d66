using System.Text;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Tests.Channels.Protocols;

/// <summary>What a partner holds is read entry by entry, so that a post is known again.</summary>
public sealed class CollectionPageTests
{
    private static readonly Uri Address = new("https://parish.example/atom/posts");

    private const string Page = """
        <feed xmlns="http://www.w3.org/2005/Atom">
          <link rel="next" href="?before=7"/>
          <entry><id>one</id><link href="/posts/1"/><link rel="edit" href="/atom/posts/1"/><link rel="canonical" href="https://quillmoor.example/a"/></entry>
          <entry><id>two</id><link rel="alternate" href="/posts/2"/></entry>
        </feed>
        """;

    [Fact]
    public void A_page_tells_its_entries_and_where_the_next_is()
    {
        var page = CollectionPage.Read(Encoding.UTF8.GetBytes(Page), Address)!;
        Assert.Equal("https://parish.example/atom/posts?before=7", page.Next!.AbsoluteUri);
        Assert.Equal(
            [
                new MemberEntry(
                    "one",
                    "https://quillmoor.example/a",
                    "https://parish.example/posts/1",
                    "https://parish.example/atom/posts/1"
                ),
                new MemberEntry("two", null, "https://parish.example/posts/2", null),
            ],
            page.Members
        );
    }

    [Theory]
    [InlineData("other", "https://quillmoor.example/a", "one")]
    [InlineData("two", "https://quillmoor.example/elsewhere", "two")]
    [InlineData("other", "https://quillmoor.example/elsewhere", null)]
    public void A_post_is_known_by_its_address_or_its_id(string id, string canonical, string? found) =>
        Assert.Equal(found, CollectionPage.Read(Encoding.UTF8.GetBytes(Page), Address)!.Find(id, canonical)?.Id);

    [Theory]
    [InlineData("<entry xmlns='http://www.w3.org/2005/Atom'/>")]
    [InlineData("{}")]
    public void Anything_else_is_no_page(string text) =>
        Assert.Null(CollectionPage.Read(Encoding.UTF8.GetBytes(text), Address));

    [Fact]
    public void An_entry_that_is_written_is_read_again_with_the_address_it_calls_its_own()
    {
        var written = AtomWriter.WriteEntry(
            new FeedItem
            {
                Id = "tag:quillmoor.example,2026:1",
                Title = "Fog & frost",
                Updated = DateTimeOffset.UnixEpoch,
                ContentHtml = "<p>Clear.</p>",
            },
            ("canonical", "https://quillmoor.example/a?b=1&c=2")
        );
        Assert.Equal(
            new MemberEntry("tag:quillmoor.example,2026:1", "https://quillmoor.example/a?b=1&c=2", null, null),
            MemberEntry.Read(written, Address)
        );
        Assert.Contains("&lt;p&gt;Clear.&lt;/p&gt;", Encoding.UTF8.GetString(written), StringComparison.Ordinal);
    }
}
