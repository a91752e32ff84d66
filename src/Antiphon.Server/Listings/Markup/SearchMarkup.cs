using System.Text;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Text;
using Antiphon.Data.Posts;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Markup;

/// <summary>A field that searches, and what it found. The form works without script.</summary>
internal static class SearchMarkup
{
    /// <summary>Appends the form; what was searched for stands in it.</summary>
    public static void AppendForm(StringBuilder html, ListingContent content)
    {
        var texts = ListingTexts.For(content.Site.Language);
        var typed = content.View.Kind == BlogPartKind.Search ? content.View.Subject : string.Empty;
        html.Append("<form class=\"antiphon-search\" part=\"search\" role=\"search\" action=\"")
            .Append(Encoded.Html(content.Links.Own))
            .Append("\"><input type=\"search\" name=\"q\" maxlength=\"200\" aria-label=\"")
            .Append(Encoded.Html(texts.SearchFor))
            .Append("\" placeholder=\"")
            .Append(Encoded.Html(texts.SearchFor))
            .Append("\" value=\"")
            .Append(Encoded.Html(typed))
            .Append("\"> <button>")
            .Append(Encoded.Html(texts.Search))
            .Append("</button></form>\n");
    }

    /// <summary>Appends how many posts were found, and says so when none was.</summary>
    public static void AppendCount(StringBuilder html, ListingContent content)
    {
        if (SearchWords.Of(content.View.Subject).Count == 0)
            return;
        var texts = ListingTexts.For(content.Site.Language);
        var said = texts.Found.With("count", content.Found);
        html.Append("<p class=\"antiphon-found\" part=\"found\" role=\"status\">")
            .Append(Encoded.Html(said))
            .Append("</p>\n");
    }

    /// <summary>Text with the words that were looked for marked.</summary>
    public static string Marked(string text) =>
        Encoded
            .Html(text)
            .Replace(Encoded.Html(PostMatch.MarkStart.ToString()), "<mark>", StringComparison.Ordinal)
            .Replace(Encoded.Html(PostMatch.MarkEnd.ToString()), "</mark>", StringComparison.Ordinal);
}
