using Antiphon.Core.Listings.Definition;

namespace Antiphon.Core.Listings.Choosing;

/// <summary>
/// How much room a listing will take, so that a page can keep it free before the entries arrive and nothing jumps.
/// </summary>
public static class RoomEstimate
{
    private const int Line = 26;
    private const int Most = 4000;

    /// <summary>
    /// Height in CSS pixels, rather too much than too little: room left over is quiet, room missing pushes the page.
    /// Layouts side by side are reckoned on a main column, the others on a
    /// narrow one.
    /// </summary>
    /// <param name="definition">The listing.</param>
    /// <param name="entries">Entries it shows now.</param>
    public static int Of(ListingDefinition definition, int entries)
    {
        var words =
            Line
            * (
                2
                + (definition.Details.Excerpt ? 4 : 0)
                + (HasByline(definition) ? 1 : 0)
                + (definition.Form.Tags ? 1 : 0)
                + (definition.Form.ReadMore is null ? 0 : 1)
            );
        var rows = (entries + definition.Form.Columns - 1) / Math.Max(1, definition.Form.Columns);
        var body = definition.Layout switch
        {
            ListingLayout.Lines => entries * (Math.Max(words, definition.Details.Picture ? 64 : 0) + 22),
            ListingLayout.Rows or ListingLayout.Zigzag => entries
                * (Math.Max(words, definition.Details.Picture ? 220 : 0) + 34),
            ListingLayout.Columns or ListingLayout.Bricks => rows
                * (words + (definition.Details.Picture ? 200 : 0) + 24),
            ListingLayout.Carousel => words + (definition.Details.Picture ? 200 : 0) + 60,
            ListingLayout.Ticker => Line + 40,
            ListingLayout.Search => Line + 24,
            ListingLayout.WholeBlog => 60 + (entries * (Math.Max(words, 220) + 34)),
            _ => Math.Max(entries, 6) * (Line + 14),
        };
        var around =
            (string.IsNullOrWhiteSpace(definition.Heading) ? 0 : 48)
            + (definition.Paging == ListingPaging.None ? 0 : 48)
            + (definition.Frame.ClosingText is null && !definition.Frame.FeedLink ? 0 : 48)
            + (definition.Frame.Introduction is null ? 0 : Line * 3);
        return Math.Min(Most, body + around);
    }

    private static bool HasByline(ListingDefinition definition) =>
        definition.Details.Date
        || definition.Details.Author
        || definition.Details.Category
        || definition.Form.Source
        || definition.Form.ReadingTime
        || definition.Form.Comments;
}
