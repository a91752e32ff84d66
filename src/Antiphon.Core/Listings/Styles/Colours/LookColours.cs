namespace Antiphon.Core.Listings.Styles.Colours;

/// <summary>Colours of a listing as CSS writes them; null takes the page's own.</summary>
/// <param name="Background">Behind the entries.</param>
/// <param name="Text">Excerpts and everything that has no colour of its own.</param>
/// <param name="Heading">The heading of the listing.</param>
/// <param name="Link">Titles and other links.</param>
/// <param name="Byline">Date, author and the rest of the byline.</param>
/// <param name="Accent">"Read more", tags, and what is pressed to move on.</param>
/// <param name="Line">Lines and borders.</param>
public sealed record LookColours(
    string? Background,
    string? Text,
    string? Heading,
    string? Link,
    string? Byline,
    string? Accent,
    string? Line
)
{
    /// <summary>The page's own throughout.</summary>
    public static LookColours Inherited { get; } = new(null, null, null, null, null, null, null);

    /// <summary>What a light listing takes where nothing is said.</summary>
    public static LookColours Light { get; } =
        new("#ffffff", "#1f2422", "#1f2422", "#175e59", "#565e5a", "#175e59", "#d6d6cf");

    /// <summary>What a dark listing takes where nothing is said.</summary>
    public static LookColours Dark { get; } =
        new("#171b1a", "#e8e5dc", "#e8e5dc", "#7fc8c1", "#a8aea9", "#7fc8c1", "#3d4442");

    /// <summary>These, and another's where these say nothing.</summary>
    public LookColours Or(LookColours other) =>
        new(
            Background ?? other.Background,
            Text ?? other.Text,
            Heading ?? other.Heading,
            Link ?? other.Link,
            Byline ?? other.Byline,
            Accent ?? other.Accent,
            Line ?? other.Line
        );
}
