using AngleSharp;
using AngleSharp.Dom;
using AngleSharp.Html;
using AngleSharp.Html.Dom;
using Antiphon.Core.Listings.Installation;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Listings.Installation;

/// <summary>Fetches pages of a site for the preview and takes everything out that could run.</summary>
internal sealed class HostPages(GuardedClient client)
{
    private static readonly string[] Running =
    [
        "script",
        "noscript",
        "iframe",
        "object",
        "embed",
        "frame",
        "frameset",
        "applet",
        "portal",
    ];

    /// <summary>The page, or what went wrong in words.</summary>
    public async Task<(HostPageView? Page, string? Problem)> GetAsync(
        Uri address,
        string key,
        CancellationToken cancellation
    )
    {
        var fetched = await client.GetPageAsync(address, cancellation);
        if (fetched.Problem is { } problem)
            return (null, FetchWords.For(problem, fetched.Detail));
        return (Quieten(fetched.Page!, fetched.Address, key), null);
    }

    private static HostPageView Quieten(IHtmlDocument document, Uri address, string key)
    {
        foreach (var element in document.QuerySelectorAll(string.Join(',', Running)).ToList())
            element.Remove();
        foreach (var element in document.QuerySelectorAll("meta[http-equiv]").ToList())
            element.Remove();
        foreach (var element in document.All)
        {
            foreach (var attribute in element.Attributes.Where(IsRunning).ToList())
                element.RemoveAttribute(attribute.Name);
        }

        if (document.QuerySelector("base[href]") is null && document.Head is { } head)
        {
            var anchor = document.CreateElement("base");
            anchor.SetAttribute("href", address.AbsoluteUri);
            head.Prepend(anchor);
        }

        var hasListing = document.QuerySelector($"[{InstallationCheck.Marker}=\"{key}\"]") is not null;
        return new HostPageView(address.AbsoluteUri, document.ToHtml(HtmlMarkupFormatter.Instance), hasListing);
    }

    private static bool IsRunning(IAttr attribute) =>
        attribute.Name.StartsWith("on", StringComparison.OrdinalIgnoreCase)
        || attribute.Value.TrimStart().StartsWith("javascript:", StringComparison.OrdinalIgnoreCase);
}
