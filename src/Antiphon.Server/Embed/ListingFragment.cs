using System.Text;
using Antiphon.Core.Listings;

namespace Antiphon.Server.Embed;

/// <summary>The HTML of a listing: baked into snippets, fetched by the script, shown in frames and previews.</summary>
internal static class ListingFragment
{
    /// <summary>The fragment with its style sheet.</summary>
    public static string Render(ListingContent content)
    {
        var html = new StringBuilder();
        var layout = content.Definition.Layout.ToString().ToLowerInvariant();
        html.Append("<style>").Append(ListingStyle.Sheet).Append("</style>\n");
        html.Append("<section class=\"antiphon-listing antiphon-").Append(layout).Append("\" part=\"listing\" lang=\"").Append(Encoded.Html(content.Site.Language)).Append("\">\n");
        if (!string.IsNullOrWhiteSpace(content.Definition.Heading))
        {
            html.Append("<h2 class=\"antiphon-heading\" part=\"heading\">").Append(Encoded.Html(content.Definition.Heading)).Append("</h2>\n");
        }

        if (content.Entries.Count == 0)
        {
            html.Append("<p class=\"antiphon-empty\" part=\"empty\">").Append(Encoded.Html(EmbedTexts.For(content.Site.Language).NothingYet)).Append("</p>\n");
        }
        else AppendEntries(html, content);
        return html.Append("</section>").ToString();
    }

    private static void AppendEntries(StringBuilder html, ListingContent content)
    {
        html.Append("<ul class=\"antiphon-entries\" part=\"entries\">\n");
        foreach (var entry in content.Entries) AppendEntry(html, entry, content.Definition.Details);
        html.Append("</ul>\n");
    }

    private static void AppendEntry(StringBuilder html, ListingEntry entry, EntryDetails details)
    {
        html.Append("<li class=\"antiphon-entry\" part=\"entry\">");
        if (details.Picture && entry.Picture is not null)
        {
            html.Append("<img class=\"antiphon-picture\" part=\"picture\" src=\"").Append(Encoded.Html(entry.Picture)).Append("\" alt=\"").Append(Encoded.Html(entry.PictureAlt))
                .Append("\" width=\"84\" height=\"63\" loading=\"lazy\" decoding=\"async\">");
        }

        html.Append("<div class=\"antiphon-words\"><h3 class=\"antiphon-title\" part=\"title\"><a part=\"link\" href=\"").Append(Encoded.Html(entry.Link)).Append("\">")
            .Append(Encoded.Html(entry.Title)).Append("</a></h3>");
        AppendByline(html, entry, details);
        if (details.Excerpt && !string.IsNullOrEmpty(entry.Excerpt)) html.Append("<p class=\"antiphon-excerpt\" part=\"excerpt\">").Append(Encoded.Html(entry.Excerpt)).Append("</p>");
        html.Append("</div></li>\n");
    }

    private static void AppendByline(StringBuilder html, ListingEntry entry, EntryDetails details)
    {
        var parts = new List<string>();
        if (details.Date && entry.Published is { } date) parts.Add($"<time datetime=\"{date.UtcDateTime:yyyy-MM-dd'T'HH:mm:ss'Z'}\">{Encoded.Html(entry.Date)}</time>");
        if (details.Author && entry.Author is not null) parts.Add(Encoded.Html(entry.Author));
        if (details.Category && entry.Category is not null) parts.Add(Encoded.Html(entry.Category));
        if (parts.Count > 0) html.Append("<p class=\"antiphon-byline\" part=\"byline\">").AppendJoin(" · ", parts).Append("</p>");
    }
}
