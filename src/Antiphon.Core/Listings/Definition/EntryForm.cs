using System.Text.Json.Serialization;

namespace Antiphon.Core.Listings.Definition;

/// <summary>How entries are set, beside which details they show.</summary>
/// <param name="Columns">Most columns of Columns and Bricks, 1 to 6; fewer when the place is narrow.</param>
/// <param name="PictureSide">Side of the picture in Rows and, for the first entry, in Zigzag.</param>
/// <param name="Ratio">Shape of pictures; Bricks show them uncropped.</param>
/// <param name="TitleLength">Most characters of a title; null shows it whole.</param>
/// <param name="ExcerptWords">Most words of an excerpt made from the text.</param>
/// <param name="Separator">What stands between the parts of the byline.</param>
/// <param name="BylineAbove">Whether the byline stands above the title.</param>
/// <param name="ReadMore">Words of a link at the end of an entry; null for none.</param>
/// <param name="Tags">Whether tags are shown.</param>
/// <param name="Source">Whether the blog's name is shown.</param>
/// <param name="ReadingTime">Whether the minutes of reading are shown.</param>
/// <param name="Comments">Whether the number of comments is shown, leading to the thread.</param>
/// <param name="DatePattern">Pattern of dates, such as "d MMM"; null for the usual one of the site's language.</param>
/// <param name="StandInPicture">Whether an entry without a picture gets a drawn one.</param>
public sealed record EntryForm(
    int Columns,
    PictureSide PictureSide,
    PictureRatio Ratio,
    int? TitleLength,
    int ExcerptWords,
    string Separator,
    bool BylineAbove,
    string? ReadMore,
    bool Tags,
    bool Source,
    bool ReadingTime,
    bool Comments,
    string? DatePattern,
    bool StandInPicture
)
{
    /// <summary>Whether links to pass a post on stand at the end of an entry.</summary>
    public bool Share { get; init; }

    /// <summary>Where the picture stands.</summary>
    public PicturePlace PicturePlace { get; init; }

    /// <summary>
    /// Order of the parts; parts left out follow in the usual order. Empty takes the usual one, with the byline where
    /// <see cref="BylineAbove"/> has it.
    /// </summary>
    public IReadOnlyList<EntryPart> Parts { get; init; } = [];

    /// <summary>
    /// Keys of the blog's own fields that stand in the byline, in order; one a post does not fill is passed over.
    /// </summary>
    public IReadOnlyList<string> Fields { get; init; } = [];

    /// <summary>Where excerpts come from.</summary>
    public ExcerptSource ExcerptSource { get; init; }

    /// <summary>Most characters of an excerpt made from the text, 20 to 2,000; null counts words instead.</summary>
    public int? ExcerptCharacters { get; init; }

    /// <summary>Whether an excerpt made from the text ends with a whole sentence where one fits.</summary>
    public bool ExcerptAtSentence { get; init; }

    /// <summary>All parts in the order they stand in.</summary>
    [JsonIgnore]
    public IReadOnlyList<EntryPart> AllParts
    {
        get
        {
            EntryPart[] usual = BylineAbove
                ?
                [
                    EntryPart.Picture,
                    EntryPart.Byline,
                    EntryPart.Title,
                    EntryPart.Excerpt,
                    EntryPart.Tags,
                    EntryPart.More,
                ]
                :
                [
                    EntryPart.Picture,
                    EntryPart.Title,
                    EntryPart.Byline,
                    EntryPart.Excerpt,
                    EntryPart.Tags,
                    EntryPart.More,
                ];
            return [.. Parts.Concat(usual).Distinct()];
        }
    }

    /// <summary>The excerpt of a post: its own, or the start of its text at the length asked for.</summary>
    /// <param name="own">The post's own; null when it has none.</param>
    /// <param name="text">Its text without markup.</param>
    public string? Excerpt(string? own, string text)
    {
        if (ExcerptSource != ExcerptSource.TextOnly && !string.IsNullOrWhiteSpace(own))
            return own;
        if (ExcerptSource == ExcerptSource.OwnOnly)
            return null;
        var cut = ExcerptCharacters is { } length
            ? Text.Shortened.ToLength(text, length)
            : Text.Shortened.ToWords(text, ExcerptWords);
        return ExcerptAtSentence && cut.EndsWith('…') ? Text.Shortened.ToSentence(text, cut.Length) ?? cut : cut;
    }

    /// <summary>What entries look like unless told otherwise.</summary>
    public static EntryForm Usual { get; } =
        new(
            3,
            PictureSide.Start,
            PictureRatio.FourToThree,
            null,
            30,
            " · ",
            false,
            null,
            false,
            false,
            false,
            false,
            null,
            false
        );
}
