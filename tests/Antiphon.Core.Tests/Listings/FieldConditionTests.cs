using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;

namespace Antiphon.Core.Tests.Listings;

public sealed class FieldConditionTests
{
    private static readonly FieldValue[] Values =
    [
        new("instrument", "150 mm refractor"),
        new("seeing", "2.5"),
        new("seen-on", "2026-11-20"),
        new("public-night", "yes"),
    ];

    [Theory]
    [InlineData("instrument", FieldComparison.Is, "150 MM Refractor", true)]
    [InlineData("instrument", FieldComparison.Is, "refractor", false)]
    [InlineData("instrument", FieldComparison.Contains, "refractor", true)]
    [InlineData("instrument", FieldComparison.AtLeast, "100", false)]
    [InlineData("seeing", FieldComparison.Is, "2.50", true)]
    [InlineData("seeing", FieldComparison.AtLeast, "2.5", true)]
    [InlineData("seeing", FieldComparison.AtLeast, "3", false)]
    [InlineData("seeing", FieldComparison.AtMost, "10", true)]
    [InlineData("seeing", FieldComparison.AtMost, "low", false)]
    [InlineData("seen-on", FieldComparison.AtLeast, "2026-11-01", true)]
    [InlineData("seen-on", FieldComparison.AtMost, "2026-11-01", false)]
    [InlineData("PUBLIC-NIGHT", FieldComparison.Is, "yes", true)]
    [InlineData("seeing", FieldComparison.IsFilled, null, true)]
    [InlineData("object", FieldComparison.IsFilled, null, false)]
    [InlineData("object", FieldComparison.AtMost, "3", false)]
    public void A_value_is_compared_by_what_it_means(
        string key,
        FieldComparison comparison,
        string? value,
        bool takes
    ) => Assert.Equal(takes, new FieldCondition(key, comparison, value).Takes(Values));

    [Fact]
    public void A_listing_names_the_field_that_keeps_a_post_out()
    {
        var filter = PostFilter.Everything with
        {
            Fields =
            [
                new("seeing", FieldComparison.AtMost, "3"),
                new("instrument", FieldComparison.Contains, "dobson"),
            ],
        };
        var post = new ListingCandidate(1, 1, "Night", PostStatus.Published, DateTimeOffset.UnixEpoch)
        {
            OwnValues = Values,
        };
        Assert.Equal((PlacementReason.FieldDiffers, "instrument"), filter.Obstacle(post, DateTimeOffset.UnixEpoch));
    }
}
