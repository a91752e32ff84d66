using System.Text;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Entries;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Listings.Markup;

/// <summary>Tags and categories of the posts that fit, the more used the larger; each leads to its posts.</summary>
internal static class TagCloudMarkup
{
    /// <summary>Appends the cloud; the number of posts is read aloud with each tag.</summary>
    public static void Append(StringBuilder html, ListingContent content)
    {
        html.Append("<ul class=\"antiphon-cloud\" part=\"tags cloud\">\n");
        foreach (var (tag, posts, step) in TagWeights.Of(content.Selection.Fitting))
        {
            html.Append("<li><a class=\"antiphon-step-")
                .Append(step)
                .Append("\" part=\"tag\" href=\"")
                .Append(Encoded.Html(content.Links.To(new BlogPart(BlogPartKind.Tag, tag))))
                .Append("\">")
                .Append(Encoded.Html(tag))
                .Append("<span class=\"antiphon-aloud\"> (")
                .Append(posts)
                .Append(")</span></a></li>\n");
        }

        html.Append("</ul>\n");
    }
}
