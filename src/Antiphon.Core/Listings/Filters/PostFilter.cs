using Antiphon.Core.Listings.Entries;

namespace Antiphon.Core.Listings.Filters;

/// <summary>Which posts of the chosen blogs a listing takes. Everything asked must be met.</summary>
/// <param name="Categories">About categories.</param>
/// <param name="Tags">About tags.</param>
/// <param name="Authors">Names of authors; empty takes all.</param>
/// <param name="FeaturedOnly">Featured posts only.</param>
/// <param name="MaxAgeDays">Published within so many days; null takes all.</param>
/// <param name="WithPictureOnly">Posts with a picture only.</param>
/// <param name="TitleWords">Words of which each must stand in the title; null or empty asks nothing.</param>
public sealed record PostFilter(
    TermFilter Categories,
    TermFilter Tags,
    IReadOnlyList<string> Authors,
    bool FeaturedOnly,
    int? MaxAgeDays,
    bool WithPictureOnly,
    string? TitleWords
)
{
    /// <summary>What own fields must hold.</summary>
    public IReadOnlyList<FieldCondition> Fields { get; init; } = [];

    /// <summary>Takes every post.</summary>
    public static PostFilter Everything { get; } =
        new(TermFilter.Nothing, TermFilter.Nothing, [], false, null, false, null);

    /// <summary>What keeps a post out, with the value that does; null when nothing does.</summary>
    public (PlacementReason Reason, string Detail)? Obstacle(ListingCandidate post, DateTimeOffset now)
    {
        if (Categories.Obstacle(post.Categories) is { } category)
            return (PlacementReason.CategoryNotChosen, category);
        if (Tags.Obstacle(post.Tags) is { } tag)
            return (PlacementReason.TagNotChosen, tag);
        if (Authors.Count > 0 && !Authors.Contains(post.Author ?? string.Empty, StringComparer.OrdinalIgnoreCase))
            return (PlacementReason.AuthorNotChosen, post.Author ?? string.Empty);
        if (FeaturedOnly && !post.IsFeatured)
            return (PlacementReason.NotFeatured, string.Empty);
        if (WithPictureOnly && !post.HasPicture)
            return (PlacementReason.NoPicture, string.Empty);
        if (MissingWord(post.Title) is { } word)
            return (PlacementReason.TitleLacksWord, word);
        if (Fields.FirstOrDefault(condition => !condition.Takes(post.OwnValues)) is { } field)
            return (PlacementReason.FieldDiffers, field.Key);
        return MaxAgeDays is { } days && post.PublishedAt < now.AddDays(-days)
            ? (PlacementReason.TooOld, days.ToString(System.Globalization.CultureInfo.InvariantCulture))
            : null;
    }

    private string? MissingWord(string title) =>
        (TitleWords ?? string.Empty)
            .Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .FirstOrDefault(word => !title.Contains(word, StringComparison.CurrentCultureIgnoreCase));
}
