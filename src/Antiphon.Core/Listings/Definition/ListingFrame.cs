namespace Antiphon.Core.Listings.Definition;

/// <summary>What stands around the entries; each part is optional.</summary>
/// <param name="HeadingLevel">Level of the heading in the host's outline, 1 to 5; titles of entries are one
/// deeper.</param>
/// <param name="HeadingLink">Where the heading leads, or null.</param>
/// <param name="Introduction">A paragraph below the heading, or null.</param>
/// <param name="ClosingText">Words of the link below the entries, such as "All posts"; null for none.</param>
/// <param name="ClosingLink">Where it leads; null leads to the blog's page.</param>
/// <param name="FeedLink">Whether a link to the feed stands below.</param>
public sealed record ListingFrame(
    int HeadingLevel,
    string? HeadingLink,
    string? Introduction,
    string? ClosingText,
    string? ClosingLink,
    bool FeedLink
)
{
    /// <summary>A heading of the second level and nothing else.</summary>
    public static ListingFrame Bare { get; } = new(2, null, null, null, null, false);
}
