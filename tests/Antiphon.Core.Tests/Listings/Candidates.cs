using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;
using CsCheck;

namespace Antiphon.Core.Tests.Listings;

/// <summary>Posts to choose from, made up.</summary>
internal static class Candidates
{
    /// <summary>The moment of the tests.</summary>
    public static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    /// <summary>A public post of blog 1, so many days old.</summary>
    public static ListingCandidate Post(long id, double daysAgo = 1, long blog = 1, string? title = null) =>
        new(id, blog, title ?? $"Night number {id}", PostStatus.Published, Now.AddDays(-daysAgo))
        {
            UpdatedAt = Now.AddDays(-daysAgo),
        };

    /// <summary>A listing of blogs 1 and 2.</summary>
    public static ListingDefinition Listing(
        int count = 5,
        ListingOrder order = ListingOrder.Newest,
        params long[] blogs
    ) =>
        new(
            blogs.Length == 0 ? [1, 2] : blogs,
            count,
            order,
            new EntryDetails(true, true, true, true, true),
            ListingLayout.Lines,
            null
        );

    /// <summary>Any posts.</summary>
    public static Gen<ListingCandidate[]> Any { get; } =
        Gen.Select(Gen.Int[1, 3], Gen.Int[-3, 400], Gen.Int[0, 5], Gen.Bool, Gen.Enum<PostStatus>())
            .Array[0, 60]
            .Select(rows =>
                rows.Select(
                        (row, index) =>
                            new ListingCandidate(
                                index + 1,
                                row.Item1,
                                $"Night {row.Item2} and what it brought",
                                row.Item5,
                                Now.AddDays(-row.Item2)
                            )
                            {
                                UpdatedAt = Now.AddDays(-row.Item2 + row.Item3),
                                Categories = [$"c{row.Item3 % 3}"],
                                Tags = [.. Enumerable.Range(0, row.Item3).Select(tag => $"t{tag}")],
                                Author = $"a{row.Item3 % 2}",
                                IsFeatured = row.Item4,
                                HasPicture = !row.Item4,
                                Comments = row.Item3,
                            }
                    )
                    .ToArray()
            );

    /// <summary>Any definition of blogs 1 and 2.</summary>
    public static Gen<ListingDefinition> AnyListing { get; } =
        Gen.Select(
                Gen.Int[0, 12],
                Gen.Enum<ListingOrder>(),
                Gen.Enum<ListingPaging>(),
                Gen.Bool,
                Gen.Int[0, 4],
                Gen.Long[1, 60].Array[0, 4]
            )
            .Select(row =>
                Listing(row.Item1, row.Item2) with
                {
                    Paging = row.Item3,
                    MostPerBlog = row.Item5 == 0 ? null : row.Item5,
                    Pinned = row.Item6,
                    Arranged = [.. row.Item6.Reverse()],
                    Filter = PostFilter.Everything with
                    {
                        FeaturedOnly = row.Item4,
                        Tags = new TermFilter(row.Item4 ? [] : ["t1"], [], ["t4"]),
                    },
                }
            );
}
