using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Html;

namespace Antiphon.Core.Importing.Reading;

/// <summary>
/// Reads the post out of a page of a website: what stands in its article, without the ways around it.
/// </summary>
public static class PageRecord
{
    private const string Around =
        "script, style, nav, aside, header, footer, form, noscript, template, iframe, [role=navigation], [role=complementary], [aria-hidden=true], [hidden]";

    /// <summary>The fields of the post; null when the page holds no text.</summary>
    /// <param name="document">The page; parts of it are taken out of it.</param>
    /// <param name="address">Where it was read.</param>
    public static Dictionary<string, string>? Read(IHtmlDocument document, Uri address)
    {
        string Said(params string[] names) =>
            names
                .Select(name =>
                    document
                        .QuerySelector($"meta[property='{name}'], meta[name='{name}']")
                        ?.GetAttribute("content")
                        ?.Trim()
                )
                .FirstOrDefault(text => !string.IsNullOrEmpty(text))
            ?? string.Empty;
        var card = PageCard.Of(document, address);
        var date = Said("article:published_time", "date", "dc.date") is { Length: > 0 } said
            ? said
            : document.QuerySelector("article time[datetime], time[datetime]")?.GetAttribute("datetime")
                ?? string.Empty;
        var author = Said("author", "article:author") is { Length: > 0 } name
            ? name
            : document.QuerySelector("[rel=author], .author")?.TextContent.Trim() ?? string.Empty;
        var body = BodyOf(document);
        if (body is null)
            return null;
        var heading = body.QuerySelector("h1") ?? document.QuerySelector("h1");
        var title = heading?.TextContent.Trim() is { Length: > 0 } words ? words : card?.Title ?? string.Empty;
        heading?.Remove();
        var text = HtmlCleaner.ForPosts.Clean(body.InnerHtml, address);
        if (HtmlText.Of(text).Length == 0)
            return null;
        return new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase)
        {
            ["title"] = title,
            ["text"] = text,
            ["summary"] = Said("description", "og:description"),
            ["date"] = date,
            ["author"] = author,
            ["categories"] = Said("article:section"),
            ["picture"] = card?.Picture?.AbsoluteUri ?? string.Empty,
            ["link"] =
                document.QuerySelector("link[rel=canonical]")?.GetAttribute("href") is { } canonical
                && Uri.TryCreate(address, canonical, out var found)
                    ? found.AbsoluteUri
                    : address.AbsoluteUri,
        };
    }

    // The article says itself that it is one; otherwise the part with most text in paragraphs of its own.
    private static IElement? BodyOf(IHtmlDocument document)
    {
        foreach (
            var around in document
                .QuerySelectorAll(Around)
                .Where(element => element.Closest("article") is null || element.LocalName is not "header")
                .ToList()
        )
            around.Remove();
        var articles = document.QuerySelectorAll("article, [itemprop=articleBody], [role=main], main");
        if (articles.OrderByDescending(article => article.TextContent.Length).FirstOrDefault() is { } main)
            return main;
        return document
            .QuerySelectorAll("div, section, td, body")
            .MaxBy(element =>
                element.Children.Where(child => child.LocalName == "p").Sum(child => child.TextContent.Length)
            );
    }
}
