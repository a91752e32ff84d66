using System.Text;
using Antiphon.Core.Listings.Entries;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Listings.Markup;

/// <summary>The categories of the posts that fit, each with its number of posts and leading to them.</summary>
internal static class CategoryIndexMarkup
{
    /// <summary>Appends the categories by the alphabet.</summary>
    public static void Append(StringBuilder html, ListingContent content)
    {
        html.Append("<ul class=\"antiphon-categories\" part=\"categories\">\n");
        foreach (var (category, posts) in Of(content))
        {
            var view = new BlogPart(BlogPartKind.Category, category);
            html.Append("<li><a part=\"link\" data-view=\"")
                .Append(Encoded.Html(view.ToString()))
                .Append("\" href=\"")
                .Append(Encoded.Html(content.Links.To(view)))
                .Append("\">")
                .Append(Encoded.Html(category))
                .Append("</a> <span class=\"antiphon-count\">(")
                .Append(posts)
                .Append(")</span></li>\n");
        }

        html.Append("</ul>\n");
    }

    private static IEnumerable<(string Category, int Posts)> Of(ListingContent content) =>
        content
            .Selection.Fitting.SelectMany(post => post.Categories)
            .GroupBy(category => category, StringComparer.OrdinalIgnoreCase)
            .Select(group => (group.Key, group.Count()))
            .OrderBy(pair => pair.Key, StringComparer.CurrentCultureIgnoreCase);
}
