using System.Text;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Pictures;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Listings.Markup;

/// <summary>The picture of an entry.</summary>
internal static class EntryPictureMarkup
{
    /// <summary>Appends the picture, a drawn one where the listing asks for that, or nothing.</summary>
    public static void Append(StringBuilder html, ListingEntry entry, ListingDefinition definition)
    {
        if (entry.Picture is null)
        {
            if (definition.Form.StandInPicture)
                html.Append(DrawnPicture.Svg(entry.Title));
            return;
        }

        // Small pictures get their size in the markup, so that nothing moves when they arrive; large ones get it from
        // the style sheet.
        var size =
            definition.Layout == ListingLayout.Lines && definition.Form.PicturePlace == PicturePlace.ByLayout
                ? " width=\"84\" height=\"63\""
                : string.Empty;
        html.Append("<img class=\"antiphon-picture")
            .Append(FocusClass(entry))
            .Append("\" part=\"picture\" src=\"")
            .Append(Encoded.Html(entry.Picture))
            .Append("\" alt=\"")
            .Append(Encoded.Html(entry.PictureAlt))
            .Append('"')
            .Append(size)
            .Append(Sizes(entry.Picture, definition))
            .Append(" loading=\"lazy\" decoding=\"async\">");
    }

    // A picture of the library is offered in all its widths; how wide an entry's picture is depends on the layout, and
    // the guess only decides which of them is fetched.
    private static string Sizes(string address, ListingDefinition definition)
    {
        if (PictureAddress.Parse(address) is not { } known)
            return string.Empty;
        var width = definition.Layout switch
        {
            ListingLayout.Lines when definition.Form.PicturePlace == PicturePlace.ByLayout => "84px",
            ListingLayout.Columns or ListingLayout.Bricks =>
                $"(max-width: 40rem) 100vw, {100 / Math.Max(1, definition.Form.Columns)}vw",
            _ => "(max-width: 46rem) 100vw, 46rem",
        };
        return $" srcset=\"{Encoded.Html(known.SourceSet())}\" sizes=\"{width}\"";
    }

    /// <summary>
    /// Rules for the points that the crops of these entries keep; a style attribute would be forbidden by a strict
    /// Content-Security-Policy.
    /// </summary>
    public static string FocusRules(IEnumerable<ListingEntry> entries) =>
        string.Concat(
            entries
                .Where(entry => entry.Focus != (50, 50))
                .Select(entry => entry.Focus)
                .Distinct()
                .Select(focus => $".antiphon-focus-{focus.X}-{focus.Y}{{object-position:{focus.X}% {focus.Y}%}}\n")
        );

    private static string FocusClass(ListingEntry entry) =>
        entry.Focus == (50, 50) ? string.Empty : $" antiphon-focus-{entry.Focus.X}-{entry.Focus.Y}";
}
