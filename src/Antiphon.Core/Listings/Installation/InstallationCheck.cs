using System.Globalization;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;

namespace Antiphon.Core.Listings.Installation;

/// <summary>Looks at the HTML of a page for the snippet of a listing. The server adds what only it can tell: whether page and script can be fetched.</summary>
public static class InstallationCheck
{
    /// <summary>Attribute that marks our containers; its value is the key.</summary>
    public const string Marker = "data-antiphon-listing";

    /// <summary>Examines a fetched page.</summary>
    /// <param name="html">The page as delivered, before any script ran.</param>
    /// <param name="address">Its address after redirects.</param>
    /// <param name="expected">What it should carry.</param>
    public static IReadOnlyList<PointResult> Examine(string html, Uri address, ExpectedSnippet expected)
    {
        var document = new HtmlParser().ParseDocument(html);
        var containers = document.QuerySelectorAll($"[{Marker}]").ToList();
        var own = containers.Where(one => one.GetAttribute(Marker) == expected.Key).ToList();
        return
        [
            new(InstallationPoint.PageReachable, PointState.Right),
            SnippetThere(document, html, containers, own, expected),
            Once(own),
            KeyRight(containers, own),
            ScriptThere(document, address, expected),
            AddressAllowed(address, expected),
            EntriesSeen(own, address, expected),
        ];
    }

    private static PointResult SnippetThere(IHtmlDocument document, string html, List<IElement> containers, List<IElement> own, ExpectedSnippet expected)
    {
        if (own.Count > 0) return new(InstallationPoint.SnippetThere, PointState.Right);
        var inComment = document.Descendants<IComment>().Any(comment => comment.Data.Contains(expected.Key, StringComparison.Ordinal));
        if (inComment) return new(InstallationPoint.SnippetThere, PointState.Wrong, Cause: PointCause.InsideComment);
        if (html.Contains($"&lt;div {Marker}", StringComparison.Ordinal)) return new(InstallationPoint.SnippetThere, PointState.Wrong, Cause: PointCause.ShownAsText);
        return containers.Count > 0
            ? new(InstallationPoint.SnippetThere, PointState.Right, containers.Count.ToString(CultureInfo.InvariantCulture))
            : new(InstallationPoint.SnippetThere, PointState.Wrong);
    }

    private static PointResult Once(List<IElement> own) => own.Count switch
    {
        0 => new(InstallationPoint.SnippetOnce, PointState.Untold),
        1 => new(InstallationPoint.SnippetOnce, PointState.Right),
        _ => new(InstallationPoint.SnippetOnce, PointState.Wrong, own.Count.ToString(CultureInfo.InvariantCulture)),
    };

    private static PointResult KeyRight(List<IElement> containers, List<IElement> own)
    {
        if (own.Count > 0) return new(InstallationPoint.KeyRight, PointState.Right);
        return containers.Count == 0
            ? new(InstallationPoint.KeyRight, PointState.Untold)
            : new(InstallationPoint.KeyRight, PointState.Wrong, containers[0].GetAttribute(Marker), PointCause.OtherListing);
    }

    private static PointResult ScriptThere(IHtmlDocument document, Uri address, ExpectedSnippet expected)
    {
        var sources = document.Scripts.Select(script => script.GetAttribute("src")).Where(source => !string.IsNullOrWhiteSpace(source));
        var isThere = sources.Any(source => Uri.TryCreate(address, source, out var absolute) && absolute.AbsoluteUri == expected.ScriptAddress);
        return new(InstallationPoint.ScriptThere, isThere ? PointState.Right : PointState.Wrong, expected.ScriptAddress);
    }

    private static PointResult AddressAllowed(Uri address, ExpectedSnippet expected)
    {
        var isAllowed = Sites.AllowedAddresses.Allows(expected.AllowedAddresses, address.AbsoluteUri);
        return new(InstallationPoint.AddressAllowed, isAllowed ? PointState.Right : PointState.Wrong, Sites.AllowedAddresses.OriginOf(address.AbsoluteUri));
    }

    private static PointResult EntriesSeen(List<IElement> own, Uri address, ExpectedSnippet expected)
    {
        if (own.Count == 0) return new(InstallationPoint.EntriesSeen, PointState.Untold);
        var links = own[0].QuerySelectorAll("a[href]").Select(link => Uri.TryCreate(address, link.GetAttribute("href"), out var one) ? one.AbsoluteUri : null).ToHashSet();
        var seen = expected.EntryLinks.Count(links.Contains);
        var detail = string.Create(CultureInfo.InvariantCulture, $"{seen}/{expected.EntryLinks.Count}");
        if (links.Count == 0 && expected.EntryLinks.Count > 0) return new(InstallationPoint.EntriesSeen, PointState.Better, "0");
        return seen == expected.EntryLinks.Count
            ? new(InstallationPoint.EntriesSeen, PointState.Right, detail)
            : new(InstallationPoint.EntriesSeen, PointState.Better, detail);
    }
}
