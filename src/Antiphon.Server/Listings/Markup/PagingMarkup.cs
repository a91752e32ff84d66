using System.Globalization;
using System.Text;
using Antiphon.Core.Listings.Definition;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Markup;

/// <summary>The way to further entries: links that work without script and that the script follows in place.</summary>
internal static class PagingMarkup
{
    private const int Around = 2;

    /// <summary>Appends the links, or nothing when there is one page.</summary>
    public static void Append(StringBuilder html, ListingContent content)
    {
        var (page, pages) = (content.Page, content.Pages);
        if (pages < 2)
            return;
        var texts = ListingTexts.For(content.Site.Language);
        var links = content.Definition.Paging switch
        {
            ListingPaging.More => page < pages ? [Link(content, page + 1, texts.More)] : [],
            ListingPaging.Numbered => Numbers(page, pages)
                .Select(number => number is { } one ? Number(content, one) : "<span>…</span>")
                .ToList(),
            _ => PreviousNext(content, texts),
        };
        if (links.Count > 0)
            html.Append("<nav class=\"antiphon-paging\" part=\"paging\" aria-label=\"")
                .Append(Encoded.Html(texts.Pages))
                .Append("\">")
                .AppendJoin(' ', links)
                .Append("</nav>\n");
    }

    /// <summary>First, last, and those around the current one; null where some are left out.</summary>
    private static IEnumerable<int?> Numbers(int page, int pages)
    {
        var last = 0;
        foreach (
            var number in Enumerable
                .Range(1, pages)
                .Where(number => number == 1 || number == pages || Math.Abs(number - page) <= Around)
        )
        {
            if (number - last > 1)
                yield return null;
            yield return last = number;
        }
    }

    private static List<string> PreviousNext(ListingContent content, ListingTexts texts)
    {
        var links = new List<string>();
        if (content.Page > 1)
            links.Add(Link(content, content.Page - 1, "‹ " + texts.Newer, "prev"));
        if (content.Page < content.Pages)
            links.Add(Link(content, content.Page + 1, texts.Older + " ›", "next"));
        return links;
    }

    private static string Number(ListingContent content, int number)
    {
        var text = number.ToString(CultureInfo.InvariantCulture);
        return number == content.Page ? $"<span aria-current=\"page\">{text}</span>" : Link(content, number, text);
    }

    private static string Link(ListingContent content, int number, string text, string? relation = null) =>
        $"<a part=\"page\" data-page=\"{number}\" href=\"{Encoded.Html(content.Links.To(content.View, number))}\"{(relation is null ? string.Empty : $" rel=\"{relation}\"")}>{Encoded.Html(text)}</a>";
}
