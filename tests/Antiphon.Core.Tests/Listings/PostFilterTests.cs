using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using static Antiphon.Core.Tests.Listings.Candidates;

namespace Antiphon.Core.Tests.Listings;

public sealed class PostFilterTests
{
    private static readonly ListingCandidate Saturn = Post(1, 10, title: "Saturn before the clouds") with
    {
        Categories = ["Night Log"],
        Tags = ["saturn", "rings"],
        Author = "Priya Lindqvist",
        HasPicture = true,
    };

    public static TheoryData<string, PostFilter, PlacementReason?, string?> Cases =>
        new()
        {
            { "nothing asked", PostFilter.Everything, null, null },
            { "its category", PostFilter.Everything with { Categories = new(["night log"], [], []) }, null, null },
            {
                "one of two categories",
                PostFilter.Everything with
                {
                    Categories = new(["Events", "Night Log"], [], []),
                },
                null,
                null
            },
            {
                "another category",
                PostFilter.Everything with
                {
                    Categories = new(["Events"], [], []),
                },
                PlacementReason.CategoryNotChosen,
                "Events"
            },
            {
                "not its category",
                PostFilter.Everything with
                {
                    Categories = new([], [], ["Night Log"]),
                },
                PlacementReason.CategoryNotChosen,
                "Night Log"
            },
            { "both tags", PostFilter.Everything with { Tags = new([], ["saturn", "rings"], []) }, null, null },
            {
                "a tag it lacks",
                PostFilter.Everything with
                {
                    Tags = new([], ["saturn", "moon"], []),
                },
                PlacementReason.TagNotChosen,
                "moon"
            },
            {
                "a tag it must not have",
                PostFilter.Everything with
                {
                    Tags = new(["saturn"], [], ["rings"]),
                },
                PlacementReason.TagNotChosen,
                "rings"
            },
            { "its author", PostFilter.Everything with { Authors = ["priya lindqvist"] }, null, null },
            {
                "another author",
                PostFilter.Everything with
                {
                    Authors = ["Dov Achterberg"],
                },
                PlacementReason.AuthorNotChosen,
                "Priya Lindqvist"
            },
            { "featured", PostFilter.Everything with { FeaturedOnly = true }, PlacementReason.NotFeatured, "" },
            { "a picture", PostFilter.Everything with { WithPictureOnly = true }, null, null },
            { "young enough", PostFilter.Everything with { MaxAgeDays = 10 }, null, null },
            { "too old", PostFilter.Everything with { MaxAgeDays = 9 }, PlacementReason.TooOld, "9" },
            { "words of the title", PostFilter.Everything with { TitleWords = "clouds SATURN" }, null, null },
            {
                "a word not in it",
                PostFilter.Everything with
                {
                    TitleWords = "saturn moon",
                },
                PlacementReason.TitleLacksWord,
                "moon"
            },
        };

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_post_is_taken_or_the_obstacle_is_named(
        string asked,
        PostFilter filter,
        PlacementReason? reason,
        string? detail
    )
    {
        Assert.NotEmpty(asked);
        var obstacle = filter.Obstacle(Saturn, Now);
        Assert.Equal((reason, detail), (obstacle?.Reason, obstacle?.Detail));
    }

    [Fact]
    public void A_post_without_picture_or_author_is_told_apart()
    {
        var bare = Post(2);
        Assert.Equal(
            PlacementReason.NoPicture,
            (PostFilter.Everything with { WithPictureOnly = true }).Obstacle(bare, Now)?.Reason
        );
        Assert.Equal(
            PlacementReason.AuthorNotChosen,
            (PostFilter.Everything with { Authors = ["Dov"] }).Obstacle(bare, Now)?.Reason
        );
    }
}
