using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;

namespace Antiphon.Core.PublicPages;

/// <summary>
/// How the pages we serve for a blog look: its posts, its lists of posts, its archive. Whatever is not said is ours.
/// </summary>
public sealed record PageLook
{
    /// <summary>Narrowest and widest column of text, in units of the page's type size.</summary>
    public const int LeastMeasure = 26,
        MostMeasure = 60;

    /// <summary>As pages look without anything said.</summary>
    public static PageLook Usual { get; } = new();

    /// <summary>Width of the column of text in rem, <see cref="LeastMeasure"/> to <see cref="MostMeasure"/>.</summary>
    public int Measure { get; init; } = 42;

    /// <summary>Whether title and byline stand in the middle instead of at the start of the line.</summary>
    public bool TitleCentred { get; init; }

    /// <summary>Parts of the byline in order; empty shows none.</summary>
    public IReadOnlyList<BylinePart> Byline { get; init; } = [BylinePart.Date, BylinePart.Author, BylinePart.Category];

    /// <summary>Where the byline stands.</summary>
    public BylinePlace BylinePlace { get; init; } = BylinePlace.BelowTitle;

    /// <summary>Where tags stand.</summary>
    public TagsPlace Tags { get; init; } = TagsPlace.AtEnd;

    /// <summary>Whether who wrote it stands at the end of every post that has no author box of its own.</summary>
    public bool AuthorBox { get; init; }

    /// <summary>
    /// Whether posts with three headings or more begin with a table of contents, unless they have one.
    /// </summary>
    public bool Contents { get; init; }

    /// <summary>Room between paragraphs and parts.</summary>
    public PageSpacing Spacing { get; init; } = PageSpacing.Usual;

    /// <summary>
    /// Light, dark, or as the reader's system asks; there is no page around ours to follow, so
    /// <see cref="LookTheme.Host"/> is read as the reader's.
    /// </summary>
    public LookTheme Theme { get; init; } = LookTheme.Reader;

    /// <summary>Colours of the light form.</summary>
    public LookColours Colours { get; init; } = LookColours.Inherited;

    /// <summary>Colours of the dark form.</summary>
    public LookColours DarkColours { get; init; } = LookColours.Inherited;

    /// <summary>Type of titles and headings.</summary>
    public PartType HeadingType { get; init; } = PartType.Inherited;

    /// <summary>Type of the text.</summary>
    public PartType TextType { get; init; } = PartType.Inherited;
}
