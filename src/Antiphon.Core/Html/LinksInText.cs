using Antiphon.Core.Html.Trees;

namespace Antiphon.Core.Html;

/// <summary>The pages a text links to.</summary>
public static class LinksInText
{
    /// <summary>
    /// Absolute http(s) addresses of links, each once and without its fragment, in the order they stand.
    /// </summary>
    public static IReadOnlyList<string> Of(string html)
    {
        if (!html.Contains("<a ", StringComparison.OrdinalIgnoreCase))
            return [];
        var links = HtmlReader
            .ReadOrWords(html, HtmlLimits.Text)
            .QuerySelectorAll("a[href]")
            .Select(link => link.GetAttribute("href")!.Trim().Split('#')[0]);
        return
        [
            .. links
                .Where(address =>
                    Uri.TryCreate(address, UriKind.Absolute, out var uri) && uri.Scheme is "http" or "https"
                )
                .Distinct(),
        ];
    }
}
