using System.Text;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Markup;

/// <summary>Months with their posts, each opening to its titles without script.</summary>
internal static class ArchiveMarkup
{
    /// <summary>Appends the months of the page's entries, latest first; the first stands open.</summary>
    public static void Append(StringBuilder html, ListingContent content)
    {
        var site = content.Site;
        var months = content
            .Entries.Where(entry => entry.Published is not null)
            .GroupBy(entry =>
                SiteCulture.Local(entry.Published!.Value, site.TimeZone) is var local
                    ? new DateTimeOffset(local.Year, local.Month, 1, 12, 0, 0, TimeSpan.Zero)
                    : default
            )
            .OrderByDescending(month => month.Key)
            .ToList();
        foreach (var month in months)
        {
            var view = BlogPart.Month(month.Key);
            html.Append("<details class=\"antiphon-month\" part=\"month\"")
                .Append(month == months[0] ? " open" : string.Empty)
                .Append("><summary>")
                .Append(Encoded.Html(SiteCulture.Month(month.Key, site.Language)))
                .Append(" <span class=\"antiphon-count\">(")
                .Append(month.Count())
                .Append(")</span></summary><ul>");
            // A month of many posts can be read as a page of its own.
            if (content.Definition.Layout == ListingLayout.WholeBlog)
                html.Append("<li><a part=\"link\" data-view=\"")
                    .Append(view)
                    .Append("\" href=\"")
                    .Append(Encoded.Html(content.Links.To(view)))
                    .Append("\">")
                    .Append(Encoded.Html(ListingTexts.For(site.Language).AllPosts))
                    .Append("</a></li>");
            foreach (var entry in month)
                html.Append("<li><a part=\"link\" href=\"")
                    .Append(Encoded.Html(entry.Link))
                    .Append('"')
                    .Append(EntryMarkup.Opens(entry, content))
                    .Append('>')
                    .Append(Encoded.Html(entry.Title))
                    .Append("</a></li>");
            html.Append("</ul></details>\n");
        }
    }
}
