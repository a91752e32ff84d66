using System.Text;
using Antiphon.Core.Listings.Entries;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Markup;

/// <summary>A whole blog inside one page: the ways through it, and the view that is open.</summary>
internal static class WholeBlogMarkup
{
    /// <summary>Appends the ways and the view.</summary>
    public static void Append(StringBuilder html, ListingContent content)
    {
        var level = ListingFragment.TitleLevel(content.Definition);
        AppendPlaces(html, content);
        html.Append("<div class=\"antiphon-view\" part=\"view\" tabindex=\"-1\">\n");
        if (ViewDefinition.TitleOf(content.View, content.Site.Language) is { } title)
        {
            html.Append("<h")
                .Append(level)
                .Append(" class=\"antiphon-view-title\" part=\"view-title\">")
                .Append(Encoded.Html(title))
                .Append("</h")
                .Append(level)
                .Append(">\n");
        }

        AppendView(html, content);
        html.Append("</div>\n");
    }

    private static void AppendView(StringBuilder html, ListingContent content)
    {
        switch (content.View.Kind)
        {
            case BlogPartKind.Post when content.Post is not null:
                PostMarkup.Append(html, content);
                break;
            case BlogPartKind.Post:
                html.Append("<p class=\"antiphon-empty\" part=\"empty\">")
                    .Append(Encoded.Html(ListingTexts.For(content.Site.Language).Gone))
                    .Append("</p>\n");
                break;
            case BlogPartKind.Archive:
                ArchiveMarkup.Append(html, content);
                break;
            case BlogPartKind.Categories:
                CategoryIndexMarkup.Append(html, content);
                break;
            case BlogPartKind.Search:
                SearchMarkup.AppendCount(html, content);
                if (content.Entries.Count > 0)
                    EntryMarkup.AppendAll(html, content);
                break;
            default:
                if (content.Entries.Count == 0)
                    ListingFragment.AppendEmpty(html, content);
                else
                    EntryMarkup.AppendAll(html, content);
                break;
        }
    }

    private static void AppendPlaces(StringBuilder html, ListingContent content)
    {
        var texts = ListingTexts.For(content.Site.Language);
        html.Append("<nav class=\"antiphon-places\" part=\"navigation places\" aria-label=\"")
            .Append(Encoded.Html(content.Definition.Heading ?? texts.AllPosts))
            .Append("\">");
        foreach (
            var (view, name) in new[]
            {
                (BlogPart.Index, texts.AllPosts),
                (new BlogPart(BlogPartKind.Categories), texts.Categories),
                (new BlogPart(BlogPartKind.Archive), texts.Archive),
            }
        )
        {
            html.Append("<a part=\"place\" data-view=\"")
                .Append(view)
                .Append("\" href=\"")
                .Append(Encoded.Html(content.Links.To(view)))
                .Append('"')
                .Append(view == content.View ? " aria-current=\"page\"" : string.Empty)
                .Append('>')
                .Append(Encoded.Html(name))
                .Append("</a> ");
        }

        SearchMarkup.AppendForm(html, content);
        html.Append("</nav>\n");
    }
}
