using System.Text;
using Antiphon.Core.Languages;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Markup;

/// <summary>
/// The HTML of a listing: baked into snippets, fetched by the script, shown in frames and previews. No style
/// attributes, which a strict Content-Security-Policy forbids.
/// </summary>
internal static class ListingFragment
{
    /// <summary>The fragment with its style sheet and what it tells search engines.</summary>
    public static string Render(ListingContent content)
    {
        var html = new StringBuilder();
        var definition = content.Definition;
        html.Append("<style>")
            .Append(ListingStyle.For(definition, content.Key))
            .Append('\n')
            .Append(EntryPictureMarkup.FocusRules(content.Entries))
            .Append("</style>\n");
        html.Append("<section class=\"antiphon-listing antiphon-")
            .Append(definition.Layout.ToString().ToLowerInvariant())
            .Append(FormClasses(definition.Form))
            .Append(" antiphon-k")
            .Append(content.Key)
            .Append("\" part=\"listing\" lang=\"")
            .Append(Encoded.Html(content.Site.Language))
            .Append("\" dir=\"")
            .Append(ReaderLanguage.DirectionOf(content.Site.Language))
            .Append('"')
            .Append(Behaviour(definition, content.Site.Language))
            .Append(">\n");
        AppendHead(html, definition);
        AppendBody(html, content);
        AppendFoot(html, content);
        return html.Append(StructuredData.Of(content)).Append("</section>").ToString();
    }

    /// <summary>Heading level of entries' titles: one below the listing's own heading, or in its place.</summary>
    public static int TitleLevel(ListingDefinition definition) =>
        string.IsNullOrWhiteSpace(definition.Heading)
            ? definition.Frame.HeadingLevel
            : definition.Frame.HeadingLevel + 1;

    /// <summary>Says that there is nothing to show yet.</summary>
    public static void AppendEmpty(StringBuilder html, ListingContent content) =>
        html.Append("<p class=\"antiphon-empty\" part=\"empty\">")
            .Append(Encoded.Html(EmbedTexts.For(content.Site.Language).NothingYet))
            .Append("</p>\n");

    private static string FormClasses(EntryForm form)
    {
        var ratio = form.Ratio switch
        {
            PictureRatio.SixteenToNine => "wide",
            PictureRatio.Square => "square",
            PictureRatio.ThreeToFour => "tall",
            _ => "usual",
        };
        var place = form.PicturePlace switch
        {
            PicturePlace.Beside => " antiphon-beside",
            PicturePlace.AmongParts => " antiphon-among",
            PicturePlace.Behind => " antiphon-behind",
            _ => string.Empty,
        };
        return $" antiphon-{form.Columns}-columns antiphon-{ratio}{place}"
            + (form.PictureSide == PictureSide.End ? " antiphon-end" : string.Empty);
    }

    // What the script needs to know; each attribute asks for one thing it does.
    private static string Behaviour(ListingDefinition definition, string language)
    {
        var moves = definition.Layout is ListingLayout.Carousel or ListingLayout.Ticker;
        return (ListingRequestView.HeedsPage(definition) ? " data-current" : string.Empty)
            + (
                ListingRequestView.HasViews(definition) ? " data-views"
                : definition.Leads == EntryLead.ReadingPanel
                    ? $" data-panel data-close=\"{Encoded.Html(ListingTexts.For(language).Close)}\""
                : string.Empty
            )
            + (moves ? $" data-moving=\"{definition.Layout.ToString().ToLowerInvariant()}\"" : string.Empty)
            + (moves && definition.MoveSeconds is { } seconds ? $" data-seconds=\"{seconds}\"" : string.Empty)
            + (definition.Paging == ListingPaging.More ? " data-more" : string.Empty);
    }

    private static void AppendHead(StringBuilder html, ListingDefinition definition)
    {
        var frame = definition.Frame;
        if (!string.IsNullOrWhiteSpace(definition.Heading))
        {
            var heading = Encoded.Html(definition.Heading);
            var linked = frame.HeadingLink is null
                ? heading
                : $"<a href=\"{Encoded.Html(frame.HeadingLink)}\">{heading}</a>";
            html.Append("<h")
                .Append(frame.HeadingLevel)
                .Append(" class=\"antiphon-heading\" part=\"heading\">")
                .Append(linked)
                .Append("</h")
                .Append(frame.HeadingLevel)
                .Append(">\n");
        }

        if (!string.IsNullOrWhiteSpace(frame.Introduction))
            html.Append("<p class=\"antiphon-introduction\" part=\"introduction\">")
                .Append(Encoded.Html(frame.Introduction))
                .Append("</p>\n");
    }

    private static void AppendBody(StringBuilder html, ListingContent content)
    {
        var layout = content.Definition.Layout;
        if (layout == ListingLayout.WholeBlog)
            WholeBlogMarkup.Append(html, content);
        else if (content.Post is not null)
            PostMarkup.Append(html, content);
        else if (layout == ListingLayout.Search)
            AppendSearch(html, content);
        else if (content.Entries.Count == 0)
            AppendEmpty(html, content);
        else if (layout == ListingLayout.Archive)
            ArchiveMarkup.Append(html, content);
        else if (layout == ListingLayout.TagCloud)
            TagCloudMarkup.Append(html, content);
        else if (layout == ListingLayout.CategoryIndex)
            CategoryIndexMarkup.Append(html, content);
        else
            EntryMarkup.AppendAll(html, content);
    }

    private static void AppendSearch(StringBuilder html, ListingContent content)
    {
        SearchMarkup.AppendForm(html, content);
        if (content.View.Kind != BlogPartKind.Search)
            return;
        html.Append("<div class=\"antiphon-view\" tabindex=\"-1\">\n");
        SearchMarkup.AppendCount(html, content);
        if (content.Entries.Count > 0)
            EntryMarkup.AppendAll(html, content);
        html.Append("</div>\n");
    }

    private static void AppendFoot(StringBuilder html, ListingContent content)
    {
        if (
            content.View.Kind is not (BlogPartKind.Post or BlogPartKind.Archive or BlogPartKind.Categories)
            && ShowsEntries(content)
        )
            PagingMarkup.Append(html, content);
        var frame = content.Definition.Frame;
        var links = new List<string>();
        if (!string.IsNullOrWhiteSpace(frame.ClosingText))
            links.Add(
                $"<a href=\"{Encoded.Html(frame.ClosingLink ?? content.Links.Blog)}\">{Encoded.Html(frame.ClosingText)}</a>"
            );
        if (frame.FeedLink)
            links.Add(
                $"<a href=\"{Encoded.Html(content.Links.Feed)}\" type=\"application/rss+xml\">{Encoded.Html(ListingTexts.For(content.Site.Language).Feed)}</a>"
            );
        if (links.Count > 0)
            html.Append("<p class=\"antiphon-closing\" part=\"closing\">").AppendJoin(" · ", links).Append("</p>\n");
    }

    private static bool ShowsEntries(ListingContent content) =>
        content.Definition.Layout != ListingLayout.Search || content.View.Kind == BlogPartKind.Search;
}
