using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Core.Listings.Styles.Css;

namespace Antiphon.Core.Listings.Styles;

/// <summary>
/// How a listing looks. Whatever is not said is the page's own, or the layout's. Lengths are CSS pixels.
/// </summary>
public sealed record ListingLook
{
    /// <summary>The page's own look throughout.</summary>
    public static ListingLook Inherited { get; } = new();

    /// <summary>Where colours come from that are not named here.</summary>
    public LookTheme Theme { get; init; }

    /// <summary>Colours; those of a light page when the look follows the reader.</summary>
    public LookColours Colours { get; init; } = LookColours.Inherited;

    /// <summary>
    /// Colours of the dark form, for <see cref="LookTheme.Dark"/> and <see cref="LookTheme.Reader"/>.
    /// </summary>
    public LookColours DarkColours { get; init; } = LookColours.Inherited;

    /// <summary>Type of the listing's heading.</summary>
    public PartType HeadingType { get; init; } = PartType.Inherited;

    /// <summary>Type of the titles of entries.</summary>
    public PartType TitleType { get; init; } = PartType.Inherited;

    /// <summary>Type of the byline.</summary>
    public PartType BylineType { get; init; } = PartType.Inherited;

    /// <summary>Type of excerpts.</summary>
    public PartType ExcerptType { get; init; } = PartType.Inherited;

    /// <summary>Greatest width, 120 to 2,000; narrower where the place is.</summary>
    public int? Width { get; init; }

    /// <summary>Height, 120 to 2,000; what does not fit is scrolled.</summary>
    public int? Height { get; init; }

    /// <summary>Room inside the listing's edge, 0 to 120.</summary>
    public int? Padding { get; init; }

    /// <summary>Room between entries beside each other, 0 to 120.</summary>
    public int? GapAcross { get; init; }

    /// <summary>Room between entries below each other, 0 to 120.</summary>
    public int? GapDown { get; init; }

    /// <summary>Width of the line around the listing, 0 to 20.</summary>
    public int? Border { get; init; }

    /// <summary>Radius of the listing's edge and of pictures, 0 to 60.</summary>
    public int? Radius { get; init; }

    /// <summary>Shadow of entries.</summary>
    public LookShadow Shadow { get; init; }

    /// <summary>What stands between entries.</summary>
    public EntrySeparator Separator { get; init; }

    /// <summary>Absolute address of the picture between entries.</summary>
    public string? SeparatorPicture { get; init; }

    /// <summary>CSS of the owner's for named parts; see <see cref="PartCss"/>.</summary>
    public string? Css { get; init; }
}
