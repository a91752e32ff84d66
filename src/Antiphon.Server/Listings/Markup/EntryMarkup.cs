using System.Text;
using Antiphon.Core.Listings.Definition;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Markup;

/// <summary>The entries of a listing as HTML.</summary>
internal static class EntryMarkup
{
    /// <summary>The list of entries.</summary>
    public static void AppendAll(StringBuilder html, ListingContent content)
    {
        html.Append("<ul class=\"antiphon-entries\" part=\"entries\"")
            .Append(content.Definition.Layout == ListingLayout.Carousel ? " tabindex=\"0\"" : string.Empty)
            .Append(">\n");
        foreach (var entry in content.Entries)
            Append(html, entry, content);
        html.Append("</ul>\n");
    }

    /// <summary>What the script needs to open an entry in place; empty where links simply lead on.</summary>
    public static string Opens(ListingEntry entry, ListingContent content) =>
        content.Definition.Layout == ListingLayout.WholeBlog || content.Definition.Leads == EntryLead.ReadingPanel
            ? $" data-view=\"post/{entry.Id}\" data-slug=\"{Encoded.Html(entry.Slug)}\""
            : string.Empty;

    private static void Append(StringBuilder html, ListingEntry entry, ListingContent content)
    {
        var definition = content.Definition;
        var isLine = definition.Layout == ListingLayout.Ticker;
        var among = definition.Form.PicturePlace == PicturePlace.AmongParts;
        html.Append("<li class=\"antiphon-entry\" part=\"entry\">");
        if (!isLine && !among && definition.Details.Picture)
            EntryPictureMarkup.Append(html, entry, definition);
        html.Append("<div class=\"antiphon-words\">");
        foreach (
            var part in definition.Form.AllParts.Where(part => !isLine || part is EntryPart.Title or EntryPart.Byline)
        )
            Append(html, part, entry, content);
        if (!isLine && definition.Form.Share)
            html.Append(ShareMarkup.Line(content.Site, entry.Title, entry.Link, "antiphon-share"));
        html.Append("</div></li>\n");
    }

    private static void Append(StringBuilder html, EntryPart part, ListingEntry entry, ListingContent content)
    {
        var definition = content.Definition;
        switch (part)
        {
            case EntryPart.Picture
                when definition.Form.PicturePlace == PicturePlace.AmongParts && definition.Details.Picture:
                EntryPictureMarkup.Append(html, entry, definition);
                break;
            case EntryPart.Title:
                AppendTitle(html, entry, content);
                break;
            case EntryPart.Byline:
                AppendByline(html, entry, content);
                break;
            case EntryPart.Excerpt:
                AppendExcerpt(html, entry, definition);
                break;
            case EntryPart.Tags when definition.Form.Tags && entry.Tags.Count > 0:
                html.Append("<p class=\"antiphon-tags\" part=\"tags\">")
                    .AppendJoin(' ', entry.Tags.Select(tag => $"<span part=\"tag\">{Encoded.Html(tag)}</span>"))
                    .Append("</p>");
                break;
            case EntryPart.More when !string.IsNullOrWhiteSpace(definition.Form.ReadMore):
                // The title stands in the label too: "Read more" five times over tells a listener nothing.
                html.Append("<p class=\"antiphon-more\"><a part=\"more\" href=\"")
                    .Append(Encoded.Html(entry.Link))
                    .Append("\" aria-label=\"")
                    .Append(Encoded.Html($"{definition.Form.ReadMore}: {entry.Title}"))
                    .Append('"')
                    .Append(Opens(entry, content))
                    .Append('>')
                    .Append(Encoded.Html(definition.Form.ReadMore))
                    .Append("</a></p>");
                break;
        }
    }

    private static void AppendTitle(StringBuilder html, ListingEntry entry, ListingContent content)
    {
        var level = ListingFragment.TitleLevel(content.Definition);
        html.Append("<h")
            .Append(level)
            .Append(" class=\"antiphon-title\" part=\"title\"><a part=\"link\" href=\"")
            .Append(Encoded.Html(entry.Link))
            .Append('"')
            .Append(Opens(entry, content))
            .Append('>')
            .Append(entry.Match is { } match ? SearchMarkup.Marked(match.Title) : Encoded.Html(entry.Title))
            .Append("</a></h")
            .Append(level)
            .Append('>');
    }

    private static void AppendByline(StringBuilder html, ListingEntry entry, ListingContent content)
    {
        var (details, form, texts) = (
            content.Definition.Details,
            content.Definition.Form,
            ListingTexts.For(content.Site.Language)
        );
        var parts = new List<string>();
        if (details.Date && entry.Published is { } date)
            parts.Add(
                $"<time datetime=\"{date.UtcDateTime:yyyy-MM-dd'T'HH:mm:ss'Z'}\">{Encoded.Html(entry.Date)}</time>"
            );
        if (details.Author && entry.Author is not null)
            parts.Add(Encoded.Html(entry.Author));
        if (details.Category && entry.Category is not null)
            parts.Add(Encoded.Html(entry.Category));
        parts.AddRange(
            entry.Fields.Select(field =>
                $"<span part=\"field\" class=\"antiphon-field-{Encoded.Html(field.Key)}\">{Encoded.Html(field.Label)}: {Encoded.Html(field.Value)}</span>"
            )
        );
        if (form.Source)
            parts.Add(
                texts.From.With(
                    "source",
                    $"<a href=\"{Encoded.Html(entry.SourceLink)}\">{Encoded.Html(entry.Source)}</a>"
                )
            );
        if (form.ReadingTime)
            parts.Add(Encoded.Html(texts.Minutes.With("count", entry.Minutes)));
        if (entry.Comments is { } count)
            parts.Add(
                $"<a href=\"{Encoded.Html(entry.CommentsLink)}\">{Encoded.Html(texts.Comments.With("count", count))}</a>"
            );
        if (parts.Count > 0)
            html.Append("<p class=\"antiphon-byline\" part=\"byline\">")
                .AppendJoin(Encoded.Html(form.Separator), parts)
                .Append("</p>");
    }

    // A search shows the words around what it found, whatever the listing shows otherwise.
    private static void AppendExcerpt(StringBuilder html, ListingEntry entry, ListingDefinition definition)
    {
        var text =
            entry.Match is { } match ? SearchMarkup.Marked(match.Extract)
            : definition.Details.Excerpt ? Encoded.Html(entry.Excerpt)
            : string.Empty;
        if (text.Length > 0)
            html.Append("<p class=\"antiphon-excerpt\" part=\"excerpt\">").Append(text).Append("</p>");
    }
}
