using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Tests.Feeds.Writing;

/// <summary>Ids of other formats, which may be any text, as the names Atom asks for.</summary>
public sealed class AtomIdTests
{
    [Theory]
    [InlineData("two")]
    [InlineData("https://quillmoor.example/second light")]
    [InlineData("urn:uuid:2")]
    [InlineData("/2")]
    public void A_text_becomes_a_name_that_stays_and_is_kept_beside_it(string id)
    {
        var (one, two) = (Written(id), Written(id));
        Assert.Equal(one, two);
        Assert.Contains("urn:uuid:", one, StringComparison.Ordinal);
        Assert.Contains($">{id}</dc:identifier>", one, StringComparison.Ordinal);
        Assert.Empty(Errors(one));
    }

    [Theory]
    [InlineData("https://quillmoor.example/2")]
    [InlineData("tag:quillmoor.example,2026:2")]
    [InlineData("urn:isbn:0451450523")]
    public void A_name_stays_as_it_is(string id)
    {
        Assert.Contains($"<id>{id}</id>", Written(id), StringComparison.Ordinal);
        Assert.DoesNotContain("identifier", Written(id), StringComparison.Ordinal);
    }

    private static IEnumerable<string> Errors(string atom) =>
        FeedCheck
            .Run(
                Encoding.UTF8.GetBytes(atom),
                new FeedCheckOptions(new DateTimeOffset(2026, 11, 24, 12, 0, 0, TimeSpan.Zero))
            )
            .Findings.Where(finding => finding.Rule.Severity == Severity.Error)
            .Select(finding => finding.Message);

    private static string Written(string id)
    {
        var feed = new Feed
        {
            Title = "Night Log",
            Link = "https://quillmoor.example/",
            FeedLink = "https://quillmoor.example/feed.atom",
        };
        feed.Items.Add(
            new FeedItem
            {
                Id = id,
                Title = "Second light",
                Link = "https://quillmoor.example/2",
                Published = new DateTimeOffset(2026, 11, 23, 9, 30, 0, TimeSpan.Zero),
            }
        );
        return Encoding.UTF8.GetString(AtomWriter.Write(feed));
    }
}
