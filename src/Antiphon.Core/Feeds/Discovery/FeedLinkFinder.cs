using AngleSharp.Dom;
using AngleSharp.Html.Parser;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Discovery;

/// <summary>Finds the addresses where the feeds of a page may be.</summary>
public static class FeedLinkFinder
{
    /// <summary>Most candidates named for one page; more would only keep the reader waiting.</summary>
    public const int MaxCandidates = 12;

    private static readonly HashSet<string> FeedTypes = new(StringComparer.OrdinalIgnoreCase)
    {
        "application/rss+xml", "application/atom+xml", "application/feed+json", "application/json", "application/rdf+xml", "application/xml", "text/xml",
    };

    private static readonly string[] UsualNames = ["feed", "rss", "rss.xml", "feed.xml", "atom.xml", "index.xml", "feed.json"];

    private static readonly string[] FeedWords = ["rss", "atom", "feed", ".xml", "feed.json"];

    /// <summary>Links named by the page itself: alternates in their order, then anchors that look like feeds; feeds of comments last.</summary>
    public static IReadOnlyList<FeedLink> InPage(string html, Uri address)
    {
        var document = new HtmlParser().ParseDocument(html);
        var baseAddress = LinkResolver.Narrow(address, document.QuerySelector("base[href]")?.GetAttribute("href")) ?? address;
        var alternates = document.QuerySelectorAll("link[href]").Where(IsAlternate).Select(link => Named(link, baseAddress, FeedLinkKind.Alternate));
        var anchors = document.QuerySelectorAll("a[href]").Where(LooksLikeFeed).Select(link => Named(link, baseAddress, FeedLinkKind.Anchor));
        return [.. alternates.Concat(anchors).OfType<FeedLink>().DistinctBy(link => link.Address).OrderBy(link => link.IsComments).Take(MaxCandidates)];
    }

    /// <summary>The paths feeds usually have, beside the page and at the root of its host; nearest first.</summary>
    public static IReadOnlyList<FeedLink> UsualPaths(Uri address)
    {
        var folder = address.AbsolutePath.EndsWith('/') ? address : new Uri(address, address.Segments[^1].TrimEnd('/') + "/");
        var parent = new Uri(address, ".");
        var bases = new[] { folder, parent, new Uri(address, "/") }.Distinct();
        return
        [
            .. bases.SelectMany(root => UsualNames.Select(name => new FeedLink(new Uri(root, name), FeedLinkKind.UsualPath, false)))
                .DistinctBy(link => link.Address).Take(MaxCandidates),
        ];
    }

    private static bool IsAlternate(IElement link)
    {
        var relations = (link.GetAttribute("rel") ?? string.Empty).Split(' ', StringSplitOptions.RemoveEmptyEntries);
        if (relations.Contains("feed", StringComparer.OrdinalIgnoreCase)) return true;
        return relations.Contains("alternate", StringComparer.OrdinalIgnoreCase) && FeedTypes.Contains(link.GetAttribute("type")?.Split(';')[0].Trim() ?? string.Empty);
    }

    private static bool LooksLikeFeed(IElement anchor)
    {
        if (FeedTypes.Contains(anchor.GetAttribute("type") ?? string.Empty)) return true;
        var path = anchor.GetAttribute("href")!.Split('?', '#')[0];
        var last = path.TrimEnd('/').Split('/')[^1];
        return FeedWords.Any(word => word[0] == '.'
            ? last.EndsWith(word, StringComparison.OrdinalIgnoreCase)
            : last.Equals(word, StringComparison.OrdinalIgnoreCase) || last.StartsWith(word + ".", StringComparison.OrdinalIgnoreCase) || last.EndsWith("." + word, StringComparison.OrdinalIgnoreCase));
    }

    private static FeedLink? Named(IElement link, Uri baseAddress, FeedLinkKind kind)
    {
        if (!Uri.TryCreate(baseAddress, link.GetAttribute("href")!.Trim(), out var address) || address.Scheme is not ("http" or "https")) return null;
        var words = address.AbsolutePath + " " + link.GetAttribute("title") + " " + (kind == FeedLinkKind.Anchor ? link.TextContent : string.Empty);
        return new FeedLink(address, kind, words.Contains("comment", StringComparison.OrdinalIgnoreCase));
    }
}
