using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;
using CsCheck;

namespace Antiphon.Core.Tests.Listings.Choosing;

public sealed class ListingSelectionTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    private static readonly Gen<ListingCandidate[]> Posts = Gen.Select(
            Gen.Int[1, 3],
            Gen.Enum<PostStatus>(),
            Gen.Int[-50, 20]
        )
        .Array[0, 40]
        .Select(rows =>
            rows.Select(
                    (row, index) =>
                        new ListingCandidate(index + 1, row.Item1, $"Post {index}", row.Item2, Now.AddHours(row.Item3))
                )
                .ToArray()
        );

    [Theory]
    [InlineData(PostStatus.Published, -1, PlacementReason.Shown)]
    [InlineData(PostStatus.Published, 1, PlacementReason.Scheduled)]
    [InlineData(PostStatus.Scheduled, 1, PlacementReason.Scheduled)]
    [InlineData(PostStatus.Draft, -1, PlacementReason.NotPublished)]
    [InlineData(PostStatus.InReview, -1, PlacementReason.NotPublished)]
    [InlineData(PostStatus.Withdrawn, -1, PlacementReason.Withdrawn)]
    public void The_reason_follows_status_and_date(PostStatus status, int hours, PlacementReason reason)
    {
        var post = new ListingCandidate(1, 7, "a", status, Now.AddHours(hours));
        Assert.Equal(reason, ListingSelection.Choose(Definition(3, 7), [post], Now).Explain(post).Reason);
    }

    [Fact]
    public void A_post_of_another_blog_says_so()
    {
        var post = new ListingCandidate(1, 8, "a", PostStatus.Published, Now);
        Assert.Equal(
            PlacementReason.BlogNotChosen,
            ListingSelection.Choose(Definition(3, 7), [post], Now).Explain(post).Reason
        );
    }

    [Fact]
    public void The_sixth_of_five_shown_is_below_the_cut()
    {
        var posts = Enumerable
            .Range(1, 6)
            .Select(n => new ListingCandidate(n, 7, $"{n}", PostStatus.Published, Now.AddHours(-n)))
            .ToList();
        Assert.Equal(
            new Placement(PlacementReason.BelowTheCut, 6, 5),
            ListingSelection.Choose(Definition(5, 7), posts, Now).Explain(posts[5])
        );
    }

    [Fact]
    public void Every_post_is_either_shown_or_explained() =>
        Gen.Select(Posts, Gen.Int[1, 10])
            .Sample(
                (posts, count) =>
                {
                    var selection = ListingSelection.Choose(Definition(count, 1, 2), posts, Now);
                    var shown = selection.Entries.Select(entry => entry.Id).ToHashSet();
                    Assert.True(shown.Count <= count);
                    Assert.All(posts, post =>
                        Assert.Equal(shown.Contains(post.Id), selection.Explain(post).Reason == PlacementReason.Shown)
                    );
                }
            );

    [Fact]
    public void Newest_and_oldest_are_in_date_order() =>
        Posts.Sample(posts =>
        {
            var newest = ListingSelection
                .Choose(Definition(50, 1, 2, 3), posts, Now)
                .Fitting.Select(post => post.PublishedAt)
                .ToList();
            var oldest = ListingSelection
                .Choose(Definition(50, 1, 2, 3) with { Order = ListingOrder.Oldest }, posts, Now)
                .Fitting.Select(post => post.PublishedAt)
                .ToList();
            Assert.Equal(newest.OrderDescending(), newest);
            Assert.Equal(oldest.Order(), oldest);
        });

    private static ListingDefinition Definition(int count, params long[] blogs) =>
        new(
            blogs,
            count,
            ListingOrder.Newest,
            new EntryDetails(true, true, true, true, true),
            ListingLayout.Lines,
            null
        );
}
