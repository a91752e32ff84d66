using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Discovery;

/// <summary>Finds the addresses where the feeds of a page may be.</summary>
public static class FeedLinkFinder
{
    /// <summary>Most candidates named for one page; more would only keep the reader waiting.</summary>
    public const int MaxCandidates = 12;

    /// <summary>
    /// Most places tried for a page that names none: enough for its folder, the one around it, and the root of its
    /// host.
    /// </summary>
    public const int MaxGuesses = 24;

    private static readonly HashSet<string> FeedTypes = new(StringComparer.OrdinalIgnoreCase)
    {
        "application/rss+xml",
        "application/atom+xml",
        "application/feed+json",
        "application/json",
        "application/rdf+xml",
        "application/xml",
        "text/xml",
    };

    private static readonly string[] UsualNames =
    [
        "feed",
        "rss",
        "rss.xml",
        "feed.xml",
        "atom.xml",
        "index.xml",
        "feed.json",
    ];

    private static readonly string[] UsualEndings = [".rss", ".atom"];

    private static readonly string[] FeedWords = ["rss", "atom", "feed", ".xml", "feed.json"];

    private static readonly string[] PartSegments =
    [
        "/category/",
        "/categories/",
        "/tag/",
        "/tags/",
        "/topic/",
        "/author/",
        "/search/",
    ];

    private static readonly string[] PartQueries = ["category=", "cat=", "tag=", "author=", "q=", "s="];

    /// <summary>
    /// Links named by the page itself or by its server: alternates in their order, those of the Link header, then
    /// anchors that look like feeds; parts of the blog and comments last.
    /// </summary>
    /// <param name="document">The page.</param>
    /// <param name="address">Its address.</param>
    /// <param name="headers">Values of its Link header (RFC 8288), or null.</param>
    public static IReadOnlyList<FeedLink> InPage(
        IHtmlDocument document,
        Uri address,
        IEnumerable<string>? headers = null
    )
    {
        var baseAddress = LinkResolver.Narrow(address, document.QuerySelector("base[href]")?.GetAttribute("href"))
            ?? address;
        var alternates = document
            .QuerySelectorAll("link[href]")
            .Where(IsAlternate)
            .Select(link => Named(link, baseAddress, FeedLinkKind.Alternate));
        var anchors = document
            .QuerySelectorAll("a[href]")
            .Where(LooksLikeFeed)
            .Select(link => Named(link, baseAddress, FeedLinkKind.Anchor));
        var named = LinkHeader
            .Read(headers, address)
            .Where(IsAlternate)
            .Select(link => new FeedLink(link.Target, FeedLinkKind.Header, ScopeOf(link.Target, link.Title)));
        return
        [
            .. alternates
                .Concat(named)
                .Concat(anchors)
                .OfType<FeedLink>()
                .DistinctBy(link => link.Address)
                .OrderBy(link => link.Scope)
                .Take(MaxCandidates),
        ];
    }

    /// <summary>
    /// The paths feeds usually have, beside the page and at the root of its host, and the endings they have behind a
    /// page's own path; nearest first.
    /// </summary>
    public static IReadOnlyList<FeedLink> UsualPaths(Uri address)
    {
        var page = address.GetLeftPart(UriPartial.Path);
        var suffixed = page.EndsWith('/') ? [] : UsualEndings.Select(ending => new Uri(page + ending));
        var folder = address.AbsolutePath.EndsWith('/')
            ? address
            : new Uri(address, address.Segments[^1].TrimEnd('/') + "/");
        var parent = new Uri(address, ".");
        var bases = new[] { folder, parent, new Uri(address, "/") }.Distinct();
        return
        [
            .. bases
                .SelectMany(root => UsualNames.Select(name => new Uri(root, name)))
                .Take(UsualNames.Length)
                .Concat(suffixed)
                .Concat(bases.Skip(1).SelectMany(root => UsualNames.Select(name => new Uri(root, name))))
                .Select(place => new FeedLink(place, FeedLinkKind.UsualPath))
                .DistinctBy(link => link.Address)
                .Take(MaxGuesses),
        ];
    }

    private static bool IsAlternate(IElement link) =>
        IsAlternate(
            (link.GetAttribute("rel") ?? string.Empty).Split(' ', StringSplitOptions.RemoveEmptyEntries),
            link.GetAttribute("type")
        );

    private static bool IsAlternate(HeaderLink link) =>
        link.Target.Scheme is "http" or "https" && IsAlternate(link.Relations, link.Type);

    private static bool IsAlternate(IReadOnlyList<string> relations, string? type)
    {
        if (relations.Contains("feed", StringComparer.OrdinalIgnoreCase))
            return true;
        return relations.Contains("alternate", StringComparer.OrdinalIgnoreCase)
            && FeedTypes.Contains(type?.Split(';')[0].Trim() ?? string.Empty);
    }

    private static bool LooksLikeFeed(IElement anchor)
    {
        if (FeedTypes.Contains(anchor.GetAttribute("type") ?? string.Empty))
            return true;
        var path = anchor.GetAttribute("href")!.Split('?', '#')[0];
        var last = path.TrimEnd('/').Split('/')[^1];
        return FeedWords.Any(word =>
            word[0] == '.'
                ? last.EndsWith(word, StringComparison.OrdinalIgnoreCase)
                : last.Equals(word, StringComparison.OrdinalIgnoreCase)
                    || last.StartsWith(word + ".", StringComparison.OrdinalIgnoreCase)
                    || last.EndsWith("." + word, StringComparison.OrdinalIgnoreCase)
        );
    }

    private static FeedLink? Named(IElement link, Uri baseAddress, FeedLinkKind kind)
    {
        if (
            !Uri.TryCreate(baseAddress, link.GetAttribute("href")!.Trim(), out var address)
            || address.Scheme is not ("http" or "https")
        )
            return null;
        return new FeedLink(
            address,
            kind,
            ScopeOf(
                address,
                link.GetAttribute("title") + " " + (kind == FeedLinkKind.Anchor ? link.TextContent : string.Empty)
            )
        );
    }

    private static FeedScope ScopeOf(Uri address, string? words)
    {
        var path = address.AbsolutePath;
        if ($"{path} {words}".Contains("comment", StringComparison.OrdinalIgnoreCase))
            return FeedScope.Comments;
        var isPart =
            PartSegments.Any(part => path.Contains(part, StringComparison.OrdinalIgnoreCase))
            || PartQueries.Any(part => address.Query.Contains(part, StringComparison.OrdinalIgnoreCase));
        return isPart ? FeedScope.Part : FeedScope.Whole;
    }
}
