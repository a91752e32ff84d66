using AngleSharp.Dom;

namespace Antiphon.Core.Listings.Styles.Matching;

/// <summary>Finds the style sheets of a page.</summary>
public static class PageSheets
{
    /// <summary>Name of what stands in the page.</summary>
    public const string InPage = "the page itself";

    /// <summary>The sheets for screens, in the order of the page; alternative and print sheets are left out.</summary>
    /// <param name="page">The page.</param>
    /// <param name="address">Its address, for relative ones.</param>
    public static IReadOnlyList<PageSheet> Of(IDocument page, Uri address)
    {
        var origin = Uri.TryCreate(address, page.QuerySelector("base[href]")?.GetAttribute("href"), out var given)
            ? given
            : address;
        return
        [
            .. page.QuerySelectorAll("style,link[rel~=stylesheet][href]")
                .Where(IsForScreens)
                .Select(element => Of(element, origin))
                .OfType<PageSheet>(),
        ];
    }

    private static bool IsForScreens(IElement element) =>
        !element.ClassList.Contains("antiphon")
        && !(element.GetAttribute("rel") ?? string.Empty).Contains("alternate", StringComparison.OrdinalIgnoreCase)
        && MediaCondition.FitsDesktop(element.GetAttribute("media") ?? string.Empty);

    private static PageSheet? Of(IElement element, Uri origin)
    {
        if (element.LocalName == "style")
            return new PageSheet(InPage, element.TextContent, null);
        return
            Uri.TryCreate(origin, element.GetAttribute("href"), out var address) && address.Scheme is "http" or "https"
            ? new PageSheet(address.Segments[^1], null, address)
            : null;
    }
}
