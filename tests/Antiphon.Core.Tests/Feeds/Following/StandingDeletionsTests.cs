using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Tests.Feeds.Following;

public sealed class StandingDeletionsTests
{
    private const string Gone = "<at:deleted-entry ref=\"urn:moor:1\" when=\"2026-11-24T10:00:00Z\"/>";

    [Theory]
    [InlineData("", "")]
    [InlineData(Gone, "urn:moor:1")]
    [InlineData("<at:deleted-entry when=\"2026-11-24T10:00:00Z\"/>", "")]
    [InlineData(Gone + Gone, "urn:moor:1")]
    public void A_deleted_entry_is_named_by_its_id(string deletions, string expected) =>
        Assert.Equal(expected, Deleted(deletions));

    [Theory]
    [InlineData("2026-11-24T09:00:00Z", "urn:moor:1", "")]
    [InlineData("2026-11-24T11:00:00Z", "", "urn:moor:1")]
    public void An_entry_that_came_back_later_is_there(string updated, string gone, string back)
    {
        Assert.Equal(gone, Deleted(Gone + Entry(updated)));
        Assert.Equal(back, string.Join(' ', Read(Gone + Entry(updated)).Back));
    }

    [Fact]
    public void A_deletion_at_no_moment_gives_way_to_the_entry() =>
        Assert.Equal(string.Empty, Deleted("<at:deleted-entry ref=\"urn:moor:1\"/>" + Entry("2026-11-24T09:00:00Z")));

    private static string Entry(string updated) =>
        $"<entry><id>urn:moor:1</id><title>One</title><updated>{updated}</updated></entry>";

    private static string Deleted(string inside) => string.Join(' ', Read(inside).Gone);

    private static StandingDeletions Read(string inside) =>
        StandingDeletions.Of(
            FeedReader
                .Read(
                    $"<feed xmlns=\"http://www.w3.org/2005/Atom\" xmlns:at=\"http://purl.org/atompub/tombstones/1.0\"><id>urn:moor:feed</id><title>Log</title><updated>2026-11-24T12:00:00Z</updated>{inside}</feed>",
                    new FeedReadOptions(null, null)
                )
                .Feed!
        );
}
