namespace Antiphon.Core.Listings.Styles;

/// <summary>Part of a listing that has a colour of its own.</summary>
public enum LookPart
{
    /// <summary>Excerpts and plain text.</summary>
    Text,

    /// <summary>The listing's heading.</summary>
    Heading,

    /// <summary>Titles and links.</summary>
    Link,

    /// <summary>Bylines.</summary>
    Byline,

    /// <summary>"Read more", tags and what moves on.</summary>
    Accent,
}

/// <summary>A text colour on its background.</summary>
/// <param name="Part">Whose colour.</param>
/// <param name="IsDark">Whether it is of the dark form.</param>
/// <param name="Colour">Code of the text.</param>
/// <param name="Background">Code of what is behind it.</param>
/// <param name="Ratio">Contrast, 1 to 21.</param>
/// <param name="Needed">Least contrast for text of that size.</param>
/// <param name="Nearest">Code of the nearest colour that passes; null when this one does.</param>
public sealed record LookPair(
    LookPart Part,
    bool IsDark,
    string Colour,
    string Background,
    double Ratio,
    double Needed,
    string? Nearest
);
