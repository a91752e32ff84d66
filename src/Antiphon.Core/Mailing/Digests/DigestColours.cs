using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Core.Mailing.Digests;

/// <summary>Look of a digest; what is null is the look of the site's pages, or ours.</summary>
/// <param name="Paper">Behind everything, as CSS writes colours.</param>
/// <param name="Ink">Text.</param>
/// <param name="Accent">Links.</param>
/// <param name="Headings">Font families of titles.</param>
/// <param name="Type">Font families of the text.</param>
public sealed record DigestColours(
    string? Paper = null,
    string? Ink = null,
    string? Accent = null,
    string? Headings = null,
    string? Type = null
)
{
    /// <summary>
    /// What is taken where nothing is said. Mail programs have few fonts, so these are on every system.
    /// </summary>
    public static DigestColours Usual { get; } =
        new("#ffffff", "#1f2422", "#175e59", "Georgia,\"Times New Roman\",serif", "Georgia,\"Times New Roman\",serif");

    /// <summary>Nothing said.</summary>
    public static DigestColours Inherited { get; } = new();

    /// <summary>These, and another's where these say nothing.</summary>
    public DigestColours Or(DigestColours other) =>
        new(
            Paper ?? other.Paper,
            Ink ?? other.Ink,
            Accent ?? other.Accent,
            Headings ?? other.Headings,
            Type ?? other.Type
        );

    /// <summary>
    /// These with what mail programs would not understand left out: colours other than as numbers, fonts that are no
    /// names.
    /// </summary>
    public DigestColours Understood() =>
        new(Plain(Paper), Plain(Ink), Plain(Accent), FontFamilies.Clean(Headings), FontFamilies.Clean(Type));

    private static string? Plain(string? colour) =>
        colour is not null && Colour.Parse(colour) is { } known ? known.ToString() : null;
}
