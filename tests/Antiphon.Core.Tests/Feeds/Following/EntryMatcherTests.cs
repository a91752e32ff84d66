using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using CsCheck;

namespace Antiphon.Core.Tests.Feeds.Following;

public sealed class EntryMatcherTests
{
    private const string Text = "Pitch, cerium and patience. After nine hours the scratches near the rim are gone.";

    private static readonly KnownEntry[] Known =
    [
        new(1, "bench-1", "https://bench.example/1", "Polishing the crown", Text),
        new(2, "bench-2", "https://bench.example/2", "A new tray", "Cherry wood, six holes, and a lip."),
        new(3, "bench-3", "https://bench.example/", "Notes", "A first note about brass."),
        new(4, "bench-4", "https://bench.example/", "Notes", "A second note about oak and mice."),
    ];

    public static TheoryData<string, FeedItem, long?, RecognisedBy> Entries =>
        new()
        {
            {
                "by identifier, whatever else changed",
                new()
                {
                    Id = "bench-1",
                    Title = "Polishing, done",
                    Link = "https://bench.example/new",
                },
                1,
                RecognisedBy.Id
            },
            {
                "by page with a new identifier",
                new()
                {
                    Id = "x",
                    Link = "http://bench.example/2/?utm_source=feed",
                    Title = "Another title",
                },
                2,
                RecognisedBy.Link
            },
            {
                "by likeness with a new identifier and page",
                new()
                {
                    Id = "x",
                    Link = "https://elsewhere.example/9",
                    Title = "Polishing the Crown",
                    ContentHtml = $"<p>{Text}</p>",
                },
                1,
                RecognisedBy.Likeness
            },
            {
                "not by a title alone",
                new()
                {
                    Id = "x",
                    Link = "https://elsewhere.example/9",
                    Title = "Polishing the crown",
                    ContentHtml = "<p>Quite another evening, with other words.</p>",
                },
                null,
                RecognisedBy.Nothing
            },
            {
                "not by a page that several share",
                new()
                {
                    Id = "x",
                    Link = "https://bench.example/",
                    Title = "Something else",
                },
                null,
                RecognisedBy.Nothing
            },
            {
                "the right one of two with one title",
                new()
                {
                    Id = "x",
                    Link = "https://bench.example/",
                    Title = "Notes",
                    Summary = "A second note about oak and mice.",
                },
                4,
                RecognisedBy.Likeness
            },
            {
                "a new one",
                new()
                {
                    Id = "bench-5",
                    Link = "https://bench.example/5",
                    Title = "Varnish",
                },
                null,
                RecognisedBy.Nothing
            },
            {
                "an entry without identifier by its page",
                new() { Link = "https://bench.example/2", Title = "A new tray" },
                2,
                RecognisedBy.Link
            },
        };

    [Theory]
    [MemberData(nameof(Entries))]
    public void Entries_are_recognised(string what, FeedItem item, long? key, RecognisedBy by)
    {
        var entry = Assert.Single(EntryMatcher.Match(Known, [item]).Entries);
        Assert.True((key, by) == (entry.Known?.Key, entry.By), $"{what}: {entry.Known?.Key} {entry.By}");
    }

    [Fact]
    public void No_entry_is_taken_twice()
    {
        FeedItem[] items =
        [
            new()
            {
                Id = "x",
                Link = "https://bench.example/1",
                Title = "Copy",
            },
            new() { Id = "bench-1", Title = "Polishing the crown" },
            new() { Id = "bench-1", Title = "Again" },
        ];
        var entries = EntryMatcher.Match(Known, items).Entries;
        Assert.Equal([null, 1L], entries.Select(entry => entry.Known?.Key));
    }

    [Fact]
    public void Identifiers_that_change_every_time_are_noticed()
    {
        FeedItem[] renamed =
        [
            .. Known.Select(
                (entry, at) =>
                    new FeedItem
                    {
                        Id = $"visit-9-{at}",
                        Link = $"https://bench.example/{entry.Key}",
                        Title = entry.Title,
                        Summary = entry.Text,
                    }
            ),
        ];
        Assert.True(
            EntryMatcher
                .Match([.. Known.Select(entry => entry with { Link = $"https://bench.example/{entry.Key}" })], renamed)
                .IdsChange
        );
        FeedItem[] kept = [.. Known.Select(entry => new FeedItem { Id = entry.Id, Title = entry.Title })];
        Assert.False(EntryMatcher.Match(Known, kept).IdsChange);
    }

    [Fact]
    public void Reading_a_feed_twice_makes_nothing_new() =>
        Gen.Int[1, 40]
            .Array[1, 25]
            .Sample(numbers =>
            {
                FeedItem[] items =
                [
                    .. numbers.Select(number => new FeedItem
                    {
                        Id = number % 3 == 0 ? null : $"id-{number}",
                        Link = number % 5 == 0 ? null : $"https://bench.example/{number}",
                        Title = $"Entry {number}",
                        Summary = $"Text {number}",
                    }),
                ];
                var first = EntryMatcher.Match([], items).Entries;
                var known = first
                    .Select(
                        (entry, at) =>
                            new KnownEntry(
                                at + 1,
                                EntryMatcher.IdOf(entry.Item),
                                entry.Item.Link,
                                entry.Item.Title!,
                                entry.Item.Summary!
                            )
                    )
                    .ToList();
                var second = EntryMatcher.Match(known, items).Entries;
                Assert.Equal(first.Count, second.Count);
                Assert.All(second, entry => Assert.NotNull(entry.Known));
            });
}
