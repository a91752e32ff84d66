using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;

namespace Antiphon.Benchmarks;

/// <summary>Choosing the entries of a listing among many posts, with each condition, and how the cost grows.</summary>
internal static class SelectionRace
{
    private static readonly DateTimeOffset Now = DateTimeOffset.UnixEpoch.AddYears(56);

    /// <summary>Prints the ratios.</summary>
    public static void Run()
    {
        var many = Posts(100_000);
        var few = many[..1000];
        var plain = new ListingDefinition(
            [1, 2],
            10,
            ListingOrder.Newest,
            new EntryDetails(true, true, true, true, true),
            ListingLayout.Lines,
            null
        );
        PostFilter Filter(Func<PostFilter, PostFilter> change) => change(PostFilter.Everything);
        var cases = new (string Name, ListingDefinition Definition)[]
        {
            ("one blog", plain with { Blogs = [1] }),
            ("two blogs, twins found", plain),
            (
                "a category",
                plain with
                {
                    Blogs = [1],
                    Filter = Filter(all => all with { Categories = new(["c1"], [], []) }),
                }
            ),
            (
                "tags, any and none",
                plain with
                {
                    Blogs = [1],
                    Filter = Filter(all => all with { Tags = new(["t1", "t2"], [], ["t3"]) }),
                }
            ),
            ("an author", plain with { Blogs = [1], Filter = Filter(all => all with { Authors = ["a1"] }) }),
            ("an age", plain with { Blogs = [1], Filter = Filter(all => all with { MaxAgeDays = 1000 }) }),
            (
                "words of the title",
                plain with
                {
                    Blogs = [1],
                    Filter = Filter(all => all with { TitleWords = "night 7" }),
                }
            ),
            ("by title", plain with { Blogs = [1], Order = ListingOrder.Title }),
            ("shuffled", plain with { Blogs = [1], Order = ListingOrder.Shuffled }),
        };
        var race = new Race().With("sort", () => _ = many.OrderByDescending(post => post.PublishedAt).ToList());
        foreach (var (name, definition) in cases)
        {
            race.With(name, () => ListingSelection.Choose(definition, many, Now))
                .With(name + ", few", () => ListingSelection.Choose(definition, few, Now));
        }

        race.Run(10);
        Console.WriteLine(
            "choosing among 100,000 posts, against sorting them by date once; and the cost of one post against that among 1,000"
        );
        foreach (var (name, _) in cases)
            Console.WriteLine(
                $"  {name, -28} {race.Ratio(name, "sort"):0.00}   {race.Ratio(name, name + ", few") / 100:0.00}"
            );
    }

    private static ListingCandidate[] Posts(int count) =>
        [
            .. Enumerable
                .Range(0, count)
                .Select(n => new ListingCandidate(
                    n + 1,
                    1 + (n % 2),
                    $"Night {n} and what it brought",
                    PostStatus.Published,
                    Now.AddHours(-n)
                )
                {
                    UpdatedAt = Now.AddHours(-n),
                    Categories = [$"c{n % 7}"],
                    Tags = [$"t{n % 5}", $"t{n % 11}"],
                    Author = $"a{n % 3}",
                    Address = $"log.example/{n}",
                    SourceId = $"tag:{n}",
                }),
        ];
}
