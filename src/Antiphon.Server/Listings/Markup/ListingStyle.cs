using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Styles;
using Antiphon.Core.Listings.Styles.Colours;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Listings.Markup;

/// <summary>
/// The style sheets of listings: what all share and what each layout adds. They name only our own classes and take type
/// and colours from around them.
/// </summary>
internal static class ListingStyle
{
    // Inside a shadow root, which :host tells, headings and links take the custom properties that the script sets to
    // what the page gives its own; baked into the page they simply are
    // the page's own. Nothing here is !important, so that the host's part rules win.
    private static readonly string Shared = StyleSheet.Read("Listings/Markup/Styles/shared.css");

    private static readonly string Lines = StyleSheet.Read("Listings/Markup/Styles/lines.css");

    private static readonly string SideBySide = StyleSheet.Read("Listings/Markup/Styles/side-by-side.css");

    private static readonly string Columns = SideBySide + StyleSheet.Read("Listings/Markup/Styles/columns.css");

    private static readonly string Bricks = SideBySide + StyleSheet.Read("Listings/Markup/Styles/bricks.css");

    private static readonly string Rows = StyleSheet.Read("Listings/Markup/Styles/rows.css");

    private static readonly string Zigzag = Rows + StyleSheet.Read("Listings/Markup/Styles/zigzag.css");

    private static readonly string Carousel = SideBySide + StyleSheet.Read("Listings/Markup/Styles/carousel.css");

    private static readonly string Ticker = StyleSheet.Read("Listings/Markup/Styles/ticker.css");

    private static readonly string Archive = StyleSheet.Read("Listings/Markup/Styles/archive.css");

    private static readonly string TagCloud = StyleSheet.Read("Listings/Markup/Styles/tag-cloud.css");

    private static readonly string Listed = StyleSheet.Read("Listings/Markup/Styles/category-index.css");

    private static readonly string Searching = StyleSheet.Read("Listings/Markup/Styles/searching.css");

    private static readonly string Results = StyleSheet.Read("Listings/Markup/Styles/results.css");

    private static readonly string Reading = StyleSheet.Read("Listings/Markup/Styles/reading.css");

    private static readonly string WholeBlog = StyleSheet.Read("Listings/Markup/Styles/whole-blog.css");

    // Where a form puts the picture; it stands behind the layout's own.
    private static readonly string Places = StyleSheet.Read("Listings/Markup/Styles/picture-places.css");

    // White on black: the least veil under which white text reads on any picture, with a little to spare for rounding.
    private static readonly string Behind = StyleSheet.Read("Listings/Markup/Styles/picture-behind.css");
    private static readonly string VeilOpacity = $"--antiphon-veil:{Veil.OpacityFor(Colour.White, Colour.Black) + 2}%;";

    /// <summary>
    /// The sheet of a definition: what all listings share, its layout, its look. Each of the last two counts for this
    /// listing alone, also where several stand in one page.
    /// </summary>
    /// <param name="definition">The definition.</param>
    /// <param name="key">Key of the listing, which its markup carries as a class.</param>
    public static string For(ListingDefinition definition, string key)
    {
        var own = $".antiphon-listing.antiphon-k{key}";
        var layout =
            $".antiphon-{definition.Layout.ToString().ToLowerInvariant()}{{\n{LayoutOf(definition.Layout)}\n{(definition.Form.PicturePlace is PicturePlace.ByLayout ? string.Empty : Places)}}}";
        var opens =
            definition.Layout == ListingLayout.WholeBlog || definition.Leads == EntryLead.ReadingPanel
                ? Reading
                : string.Empty;
        var behind =
            definition.Form.PicturePlace == PicturePlace.Behind ? $"{own}{{\n{VeilOpacity}{Behind}}}" : string.Empty;
        return string.Join(
            '\n',
            new[] { Shared, opens, layout, LookSheet.Of(definition.Look, own), behind }.Where(sheet => sheet.Length > 0)
        );
    }

    private static string LayoutOf(ListingLayout layout) =>
        layout switch
        {
            ListingLayout.Columns => Columns,
            ListingLayout.Rows => Rows,
            ListingLayout.Bricks => Bricks,
            ListingLayout.Zigzag => Zigzag,
            ListingLayout.Carousel => Carousel,
            ListingLayout.Ticker => Ticker,
            ListingLayout.Archive => Archive,
            ListingLayout.TagCloud => TagCloud,
            ListingLayout.CategoryIndex => Listed,
            ListingLayout.Search => Searching + "\n" + Results,
            ListingLayout.WholeBlog => string.Join('\n', Searching, Rows, Archive, Listed, WholeBlog),
            _ => Lines,
        };
}
