using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using CsCheck;
using static Antiphon.Core.Tests.Listings.Candidates;

namespace Antiphon.Core.Tests.Listings.Choosing;

public sealed class PagingTests
{
    [Fact]
    public void Pages_together_are_everything_once() =>
        Gen.Select(Any, AnyListing)
            .Sample(
                (posts, listing) =>
                {
                    var selection = ListingSelection.Choose(
                        listing with
                        {
                            Paging = ListingPaging.Numbered,
                        },
                        posts,
                        Now
                    );
                    var paged = Enumerable
                        .Range(1, selection.Pages)
                        .SelectMany(selection.Page)
                        .Select(post => post.Id)
                        .ToList();
                    Assert.Equal(selection.Fitting.Select(post => post.Id), paged);
                    Assert.Empty(selection.Page(selection.Pages + 1));
                    Assert.Empty(selection.Page(0));
                }
            );

    [Fact]
    public void Every_post_is_explained_and_shown_ones_stand_where_they_say() =>
        Gen.Select(Any, AnyListing)
            .Sample(
                (posts, listing) =>
                {
                    var selection = ListingSelection.Choose(listing, posts, Now);
                    foreach (var post in posts)
                    {
                        var placement = selection.Explain(post);
                        var shown = Enumerable
                            .Range(1, selection.Pages)
                            .Any(page => selection.Page(page).Any(one => one.Id == post.Id));
                        Assert.Equal(shown, placement.Reason == PlacementReason.Shown);
                        if (placement.Position is { } position)
                            Assert.Equal(post.Id, selection.Fitting[position - 1].Id);
                    }
                }
            );

    [Fact]
    public void Without_paging_the_rest_is_below_the_cut()
    {
        var posts = Enumerable.Range(1, 7).Select(id => Post(id, id)).ToList();
        Assert.Equal(
            new Placement(PlacementReason.BelowTheCut, 7, 5),
            ListingSelection.Choose(Listing(), posts, Now).Explain(posts[6])
        );
        Assert.Equal(
            new Placement(PlacementReason.Shown, 7, 5, Page: 2),
            ListingSelection.Choose(Listing() with { Paging = ListingPaging.More }, posts, Now).Explain(posts[6])
        );
    }

    [Fact]
    public void Everything_is_everything()
    {
        var posts = Enumerable.Range(1, 80).Select(id => Post(id, id)).ToList();
        Assert.Equal(80, ListingSelection.Choose(Listing(ListingDefinition.Everything), posts, Now).Entries.Count());
    }

    [Fact]
    public void No_blog_gets_more_than_its_share() =>
        Gen.Select(Any, AnyListing)
            .Sample(
                (posts, listing) =>
                {
                    var selection = ListingSelection.Choose(listing with { MostPerBlog = 2 }, posts, Now);
                    Assert.All(selection.Fitting.GroupBy(post => post.BlogId), blog =>
                        Assert.InRange(blog.Count(), 1, 2)
                    );
                    Assert.All(
                        posts.Where(post => selection.Explain(post).Reason == PlacementReason.BlogHasEnough),
                        post => Assert.Equal("2", selection.Explain(post).Detail)
                    );
                }
            );

    [Fact]
    public void The_post_of_the_page_itself_is_left_out_when_asked()
    {
        var posts = new[] { Post(1), Post(2) };
        var listing = Listing() with { LeaveOutCurrent = true };
        var selection = ListingSelection.Choose(listing, posts, Now, new CurrentPost(1));
        Assert.Equal([2L], selection.Fitting.Select(post => post.Id));
        Assert.Equal(PlacementReason.CurrentPage, selection.Explain(posts[0]).Reason);
        Assert.Equal(2, ListingSelection.Choose(listing, posts, Now).Fitting.Count);
    }
}
