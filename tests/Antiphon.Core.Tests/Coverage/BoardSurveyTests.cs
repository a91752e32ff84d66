using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;
using CsCheck;

namespace Antiphon.Core.Tests.Coverage;

public sealed class BoardSurveyTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    private static readonly Gen<ListingCandidate> Posts =
        from blog in Gen.Long[1, 3]
        from status in Gen.Enum<PostStatus>()
        from hours in Gen.Int[-500, 20]
        from featured in Gen.Bool
        select new ListingCandidate(0, blog, "Night", status, Now.AddHours(hours)) { IsFeatured = featured };

    private static readonly Gen<(ListingDefinition Definition, SightingState Sighting)> Listings =
        from blogs in Gen.Long[1, 3].HashSet[1, 3]
        from count in Gen.Int[1, 6]
        from paging in Gen.Enum<ListingPaging>()
        from featured in Gen.Bool
        from sighting in Gen.Enum<SightingState>()
        select (
            new ListingDefinition(
                [.. blogs],
                count,
                ListingOrder.Newest,
                new EntryDetails(true, true, true, true, true),
                ListingLayout.Lines,
                null
            )
            {
                Paging = paging,
                Filter = PostFilter.Everything with { FeaturedOnly = featured },
            },
            sighting
        );

    private static readonly Gen<DeliveryTally> Tallies =
        from open in Gen.Int[0, 2]
        from failed in Gen.Int[0, 2]
        select new DeliveryTally(open + failed + 1, open, failed);

    [Fact]
    public void It_names_just_the_posts_whose_marks_are_off_or_due() =>
        Gen.Select(Posts.List[0, 25], Listings.List[0, 4], Tallies.List[0, 6])
            .Sample(
                (drawn, definitions, tallies) =>
                {
                    var posts = drawn.Select((post, index) => post with { Id = index + 1 }).ToList();
                    var listings = definitions
                        .Select(definition =>
                            (Selection: ListingSelection.Choose(definition.Definition, posts, Now), definition.Sighting)
                        )
                        .ToList();
                    var mails = tallies
                        .Take(posts.Count)
                        .Select((tally, index) => (index, tally))
                        .ToDictionary(one => (long)one.index + 1, one => one.tally);
                    var written = new HashSet<long> { 1, 2 };
                    var coming = posts
                        .Where(post =>
                            post.Id % 3 == 0 && !mails.ContainsKey(post.Id) && ListingSelection.IsPublic(post, Now)
                        )
                        .Select(post => post.Id)
                        .ToHashSet();
                    var survey = BoardSurvey.Of(posts, listings, written, mails, coming, Now);

                    List<CoverageMark> MarksOf(ListingCandidate post) =>
                        [
                            .. listings.Select(listing =>
                                CoverageRules.ForListing(listing.Selection.Explain(post), listing.Sighting).Mark
                            ),
                            .. written.Select(blog =>
                                CoverageRules
                                    .ForFeed(post, blog, ListingSelection.IsPublic(post, Now) ? 1 : null, 20, Now)
                                    .Mark
                            ),
                            CoverageRules
                                .ForMail(
                                    post,
                                    written.Contains(post.BlogId),
                                    mails.GetValueOrDefault(post.Id) ?? DeliveryTally.None,
                                    coming.Contains(post.Id),
                                    Now
                                )
                                .Mark,
                        ];
                    Assert.Equal(
                        posts.Where(post => MarksOf(post).Contains(CoverageMark.Failed)).Select(post => post.Id),
                        survey.Off.Order()
                    );
                    Assert.Equal(
                        posts.Where(post => MarksOf(post).Contains(CoverageMark.Due)).Select(post => post.Id),
                        survey.Due.Order()
                    );
                }
            );
}
