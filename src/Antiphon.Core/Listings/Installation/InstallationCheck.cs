using System.Globalization;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Listings.Definition;

namespace Antiphon.Core.Listings.Installation;

/// <summary>
/// Looks at the HTML of a page for the snippet of a listing. The server adds what only it can tell: whether page and
/// script can be fetched.
/// </summary>
public static class InstallationCheck
{
    /// <summary>Attribute that marks our containers; its value is the key.</summary>
    public const string Marker = "data-antiphon-listing";

    /// <summary>Attribute that names the way on containers that need no script: "static" or "include".</summary>
    public const string WayMarker = "data-antiphon-way";

    /// <summary>Examines a fetched page. Points that have no meaning for the way found are left out.</summary>
    /// <param name="document">The page as delivered.</param>
    /// <param name="html">Its source as delivered, before any script ran.</param>
    /// <param name="address">Its address after redirects.</param>
    /// <param name="expected">What it should carry.</param>
    public static IReadOnlyList<PointResult> Examine(
        IHtmlDocument document,
        string html,
        Uri address,
        ExpectedSnippet expected
    )
    {
        var containers = document.QuerySelectorAll($"[{Marker}]").ToList();
        var own = containers
            .Where(element => element.GetAttribute(Marker) == expected.Key)
            .Concat(Frames(document, expected.Key))
            .ToList();
        List<PointResult> points =
        [
            new(InstallationPoint.PageReachable, PointState.Right),
            SnippetThere(document, html, containers, own, expected),
            Once(own),
            KeyRight(containers, own),
        ];
        var way = WayOf(own);
        if (way == SnippetWay.Script)
            points.AddRange([
                ScriptThere(document, address, expected),
                PolicyAllows(document, address, expected),
                AddressAllowed(address, expected),
            ]);
        points.Add(
            way == SnippetWay.Frame
                ? new(InstallationPoint.EntriesSeen, PointState.Right, Cause: PointCause.InFrame)
                : EntriesSeen(own, way, address, expected)
        );
        points.Add(CanonicalRight(document, address));
        if (expected.FeedAddress is { } feed)
            points.Add(FeedNamed(document, address, feed));
        return points;
    }

    /// <summary>
    /// The way the first container found is embedded by; the script's when there is none, since that is what people
    /// paste first.
    /// </summary>
    private static SnippetWay WayOf(List<IElement> own) =>
        own.Count == 0
            ? SnippetWay.Script
            : (own[0].LocalName, own[0].GetAttribute(WayMarker)) switch
            {
                ("iframe", _) => SnippetWay.Frame,
                (_, "include") => SnippetWay.ServerInclude,
                (_, "static") => SnippetWay.Static,
                _ => SnippetWay.Script,
            };

    private static IEnumerable<IElement> Frames(IHtmlDocument document, string key) =>
        document
            .QuerySelectorAll("iframe[src]")
            .Where(frame =>
                frame.GetAttribute("src")!.Split('?')[0].EndsWith("/embed/listings/" + key, StringComparison.Ordinal)
            );

    private static PointResult SnippetThere(
        IHtmlDocument document,
        string html,
        List<IElement> containers,
        List<IElement> own,
        ExpectedSnippet expected
    )
    {
        if (own.Count > 0)
            return new(InstallationPoint.SnippetThere, PointState.Right);
        var inComment = document
            .Descendants<IComment>()
            .Any(comment => comment.Data.Contains(expected.Key, StringComparison.Ordinal));
        if (inComment)
            return new(InstallationPoint.SnippetThere, PointState.Wrong, Cause: PointCause.InsideComment);
        if (html.Contains($"&lt;div {Marker}", StringComparison.Ordinal))
            return new(InstallationPoint.SnippetThere, PointState.Wrong, Cause: PointCause.ShownAsText);
        return containers.Count > 0
            ? new(
                InstallationPoint.SnippetThere,
                PointState.Right,
                containers.Count.ToString(CultureInfo.InvariantCulture)
            )
            : new(InstallationPoint.SnippetThere, PointState.Wrong);
    }

    private static PointResult Once(List<IElement> own) =>
        own.Count switch
        {
            0 => new(InstallationPoint.SnippetOnce, PointState.Untold),
            1 => new(InstallationPoint.SnippetOnce, PointState.Right),
            _ => new(InstallationPoint.SnippetOnce, PointState.Wrong, own.Count.ToString(CultureInfo.InvariantCulture)),
        };

    private static PointResult KeyRight(List<IElement> containers, List<IElement> own)
    {
        if (own.Count > 0)
            return new(InstallationPoint.KeyRight, PointState.Right);
        return containers.Count == 0
            ? new(InstallationPoint.KeyRight, PointState.Untold)
            : new(
                InstallationPoint.KeyRight,
                PointState.Wrong,
                containers[0].GetAttribute(Marker),
                PointCause.OtherListing
            );
    }

    private static PointResult ScriptThere(IHtmlDocument document, Uri address, ExpectedSnippet expected)
    {
        var sources = document
            .Scripts.Select(script => script.GetAttribute("src"))
            .Where(source => !string.IsNullOrWhiteSpace(source));
        var isThere = sources.Any(source =>
            Uri.TryCreate(address, source, out var absolute) && absolute.AbsoluteUri == expected.ScriptAddress
        );
        return new(
            InstallationPoint.ScriptThere,
            isThere ? PointState.Right : PointState.Wrong,
            expected.ScriptAddress
        );
    }

    private static PointResult AddressAllowed(Uri address, ExpectedSnippet expected)
    {
        var isAllowed = Sites.AllowedAddresses.Allows(expected.AllowedAddresses, address.AbsoluteUri);
        return new(
            InstallationPoint.AddressAllowed,
            isAllowed ? PointState.Right : PointState.Wrong,
            Sites.AllowedAddresses.OriginOf(address.AbsoluteUri)
        );
    }

    private static PointResult PolicyAllows(IHtmlDocument document, Uri address, ExpectedSnippet expected)
    {
        var policies = expected
            .Policies.Concat(
                document
                    .QuerySelectorAll("meta[http-equiv='Content-Security-Policy' i][content]")
                    .Select(meta => meta.GetAttribute("content")!)
            )
            .ToList();
        var script = new Uri(expected.ScriptAddress);
        var forbidding = ContentPolicy.Forbidding(policies, "script-src", script, address) is { } scripts
            ? scripts
            : ContentPolicy.Forbidding(policies, "connect-src", script, address);
        return new(
            InstallationPoint.PolicyAllows,
            forbidding is null ? PointState.Right : PointState.Wrong,
            forbidding is null ? null : $"{forbidding} {script.GetLeftPart(UriPartial.Authority)}"
        );
    }

    private static PointResult CanonicalRight(IHtmlDocument document, Uri address)
    {
        var named = document.QuerySelector("link[rel~=canonical i][href]")?.GetAttribute("href");
        if (named is null || !Uri.TryCreate(address, named, out var canonical))
            return new(InstallationPoint.CanonicalRight, PointState.Right);
        var isSame = Text.FoldedAddress.Of(canonical.AbsoluteUri) == Text.FoldedAddress.Of(address.AbsoluteUri);
        return new(
            InstallationPoint.CanonicalRight,
            isSame ? PointState.Right : PointState.Better,
            canonical.AbsoluteUri
        );
    }

    private static PointResult FeedNamed(IHtmlDocument document, Uri address, string feed)
    {
        var isNamed = document
            .QuerySelectorAll("link[rel~=alternate i][href]")
            .Any(link => Uri.TryCreate(address, link.GetAttribute("href"), out var one) && one.AbsoluteUri == feed);
        return new(InstallationPoint.FeedNamed, isNamed ? PointState.Right : PointState.Better, feed);
    }

    private static PointResult EntriesSeen(List<IElement> own, SnippetWay way, Uri address, ExpectedSnippet expected)
    {
        if (own.Count == 0)
            return new(InstallationPoint.EntriesSeen, PointState.Untold);
        var links = own[0]
            .QuerySelectorAll("a[href]")
            .Select(link => Uri.TryCreate(address, link.GetAttribute("href"), out var one) ? one.AbsoluteUri : null)
            .ToHashSet();
        var seen = expected.EntryLinks.Count(links.Contains);
        var detail = string.Create(CultureInfo.InvariantCulture, $"{seen}/{expected.EntryLinks.Count}");
        if (links.Count == 0 && expected.EntryLinks.Count > 0)
            return new(InstallationPoint.EntriesSeen, PointState.Better, "0");
        return seen == expected.EntryLinks.Count
            ? new(InstallationPoint.EntriesSeen, PointState.Right, detail)
            // Nothing will ever refresh a static copy, so entries that are not the current ones are wrong there.
            : new(
                InstallationPoint.EntriesSeen,
                way == SnippetWay.Static ? PointState.Wrong : PointState.Better,
                detail,
                way == SnippetWay.Static ? PointCause.StaleCopy : null
            );
    }
}
