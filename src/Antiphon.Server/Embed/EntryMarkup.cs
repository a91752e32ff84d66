using System.Text;
using Antiphon.Core.Listings;

namespace Antiphon.Server.Embed;

/// <summary>The entries of a listing as HTML.</summary>
internal static class EntryMarkup
{
    /// <summary>The list of entries.</summary>
    public static void AppendAll(StringBuilder html, ListingContent content)
    {
        html.Append("<ul class=\"antiphon-entries\" part=\"entries\"").Append(content.Definition.Layout == ListingLayout.Carousel ? " tabindex=\"0\"" : string.Empty).Append(">\n");
        foreach (var entry in content.Entries) Append(html, entry, content);
        html.Append("</ul>\n");
    }

    private static void Append(StringBuilder html, ListingEntry entry, ListingContent content)
    {
        var (definition, texts) = (content.Definition, ListingTexts.For(content.Site.Language));
        html.Append("<li class=\"antiphon-entry\" part=\"entry\">");
        if (definition.Layout != ListingLayout.Ticker && definition.Details.Picture) AppendPicture(html, entry, definition);
        html.Append("<div class=\"antiphon-words\">");
        if (definition.Form.BylineAbove) AppendByline(html, entry, definition, texts);
        AppendTitle(html, entry, definition);
        if (!definition.Form.BylineAbove) AppendByline(html, entry, definition, texts);
        if (definition.Layout != ListingLayout.Ticker) AppendRest(html, entry, definition);
        html.Append("</div></li>\n");
    }

    private static void AppendPicture(StringBuilder html, ListingEntry entry, ListingDefinition definition)
    {
        if (entry.Picture is null)
        {
            if (definition.Form.StandInPicture) html.Append(DrawnPicture.Svg(entry.Title));
            return;
        }

        // Small pictures get their size in the markup, so that nothing moves when they arrive; large ones get it from the style sheet.
        var size = definition.Layout == ListingLayout.Lines ? " width=\"84\" height=\"63\"" : string.Empty;
        html.Append("<img class=\"antiphon-picture\" part=\"picture\" src=\"").Append(Encoded.Html(entry.Picture)).Append("\" alt=\"").Append(Encoded.Html(entry.PictureAlt))
            .Append('"').Append(size).Append(" loading=\"lazy\" decoding=\"async\">");
    }

    private static void AppendTitle(StringBuilder html, ListingEntry entry, ListingDefinition definition)
    {
        var level = string.IsNullOrWhiteSpace(definition.Heading) ? definition.Frame.HeadingLevel : definition.Frame.HeadingLevel + 1;
        html.Append("<h").Append(level).Append(" class=\"antiphon-title\" part=\"title\"><a part=\"link\" href=\"").Append(Encoded.Html(entry.Link)).Append("\">")
            .Append(Encoded.Html(entry.Title)).Append("</a></h").Append(level).Append('>');
    }

    private static void AppendByline(StringBuilder html, ListingEntry entry, ListingDefinition definition, ListingTexts texts)
    {
        var (details, form) = (definition.Details, definition.Form);
        var parts = new List<string>();
        if (details.Date && entry.Published is { } date) parts.Add($"<time datetime=\"{date.UtcDateTime:yyyy-MM-dd'T'HH:mm:ss'Z'}\">{Encoded.Html(entry.Date)}</time>");
        if (details.Author && entry.Author is not null) parts.Add(Encoded.Html(entry.Author));
        if (details.Category && entry.Category is not null) parts.Add(Encoded.Html(entry.Category));
        if (form.Source) parts.Add($"{Encoded.Html(texts.From)} <a href=\"{Encoded.Html(entry.SourceLink)}\">{Encoded.Html(entry.Source)}</a>");
        if (form.ReadingTime) parts.Add(Encoded.Html(ListingTexts.With(texts.Minutes, entry.Minutes)));
        if (entry.Comments is { } count) parts.Add($"<a href=\"{Encoded.Html(entry.Link)}#comments\">{Encoded.Html(count == 1 ? texts.OneComment : ListingTexts.With(texts.Comments, count))}</a>");
        if (parts.Count > 0) html.Append("<p class=\"antiphon-byline\" part=\"byline\">").AppendJoin(Encoded.Html(form.Separator), parts).Append("</p>");
    }

    private static void AppendRest(StringBuilder html, ListingEntry entry, ListingDefinition definition)
    {
        if (definition.Details.Excerpt && !string.IsNullOrEmpty(entry.Excerpt)) html.Append("<p class=\"antiphon-excerpt\" part=\"excerpt\">").Append(Encoded.Html(entry.Excerpt)).Append("</p>");
        if (definition.Form.Tags && entry.Tags.Count > 0) html.Append("<p class=\"antiphon-tags\" part=\"tags\">").AppendJoin(' ', entry.Tags.Select(tag => $"<span part=\"tag\">{Encoded.Html(tag)}</span>")).Append("</p>");
        // The title stands in the label too: "Read more" five times over tells a listener nothing.
        if (!string.IsNullOrWhiteSpace(definition.Form.ReadMore))
        {
            html.Append("<p class=\"antiphon-more\"><a part=\"more\" href=\"").Append(Encoded.Html(entry.Link)).Append("\" aria-label=\"").Append(Encoded.Html($"{definition.Form.ReadMore}: {entry.Title}"))
                .Append("\">").Append(Encoded.Html(definition.Form.ReadMore)).Append("</a></p>");
        }
    }
}
