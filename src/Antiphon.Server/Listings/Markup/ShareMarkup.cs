using System.Text;
using Antiphon.Core.Sites;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Listings.Markup;

/// <summary>
/// Links by which readers pass a post on. They are plain; what needs the browser, copying and its own sheet, is shown
/// by a script where the browser can do it.
/// </summary>
internal static class ShareMarkup
{
    /// <summary>The line of links.</summary>
    /// <param name="site">The site.</param>
    /// <param name="title">Title of the post.</param>
    /// <param name="address">Its address.</param>
    /// <param name="cssClass">Class of the line.</param>
    public static string Line(Site site, string title, string address, string cssClass)
    {
        var texts = EmbedTexts.For(site.Language);
        var line = new StringBuilder(
            $"<p class=\"{cssClass}\" part=\"share\" data-address=\"{Encoded.Html(address)}\" data-title=\"{Encoded.Html(title)}\" data-copied=\"{Encoded.Html(texts.Copied)}\"><span>{Encoded.Html(texts.PassOn)}</span>"
        );
        foreach (var way in site.ShareWays.Prepend(ShareWay.ByMail(texts.ByMail)))
            line.Append(" <a part=\"share-link\" rel=\"noopener\" href=\"")
                .Append(Encoded.Html(way.LinkFor(title, address)))
                .Append("\">")
                .Append(Encoded.Html(way.Name))
                .Append("</a>");
        return line.Append(" <button type=\"button\" data-copy hidden>")
            .Append(Encoded.Html(texts.CopyAddress))
            .Append("</button> <button type=\"button\" data-sheet hidden>")
            .Append(Encoded.Html(texts.Elsewhere))
            .Append("</button></p>")
            .ToString();
    }
}
