using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Text;

namespace Antiphon.Core.Comments.Threads;

/// <summary>
/// Looks at pages for the threads on them. Some faults show only when several pages are seen side by side.
/// </summary>
public static class ThreadPlacement
{
    private const string Marker = "data-antiphon-thread";
    private static readonly string[] Placeholders = ["{{", "}}", "{%", "<%", "%>", "${", "<?", "?>", "[[", "@("];

    /// <summary>What is wrong, page by page in the order given.</summary>
    /// <param name="pages">Pages as delivered, before any script ran.</param>
    /// <param name="siteKey">Public key of the site.</param>
    /// <param name="script">Address of our script.</param>
    public static IReadOnlyList<ThreadFinding> Examine(IReadOnlyList<PlacedPage> pages, string siteKey, string script)
    {
        var seen = pages.Select(page => Look(page)).ToList();
        var shared = seen.Where(found => found.Identifier is { Length: > 0 })
            .GroupBy(found => found.Identifier!)
            .Where(group =>
                group.Select(found => FoldedAddress.Of(found.Page.Address.AbsoluteUri)).Distinct().Count() > 1
            )
            .Select(group => group.Key)
            .ToHashSet(StringComparer.Ordinal);
        return [.. seen.SelectMany(found => Faults(found, siteKey, script, shared))];
    }

    private static Seen Look(PlacedPage page)
    {
        var containers = page.Document.QuerySelectorAll($"[{Marker}]").ToList();
        return new Seen(page, page.Document, containers, containers.FirstOrDefault()?.GetAttribute(Marker)?.Trim());
    }

    private static IEnumerable<ThreadFinding> Faults(Seen seen, string siteKey, string script, HashSet<string> shared)
    {
        var page = seen.Page.Address.AbsoluteUri;
        if (seen.Containers.Count == 0)
        {
            yield return new ThreadFinding(page, ThreadFault.Missing, null);
            yield break;
        }

        var container = seen.Containers[0];
        var address = container.GetAttribute("data-antiphon-url");
        if (seen.Containers.Count > 1)
            yield return new ThreadFinding(
                page,
                ThreadFault.Several,
                string.Join(", ", seen.Containers.Select(element => element.GetAttribute(Marker)))
            );
        if (container.GetAttribute("data-antiphon-site") != siteKey)
            yield return new ThreadFinding(page, ThreadFault.OtherSite, container.GetAttribute("data-antiphon-site"));
        if (string.IsNullOrEmpty(seen.Identifier))
            yield return new ThreadFinding(page, ThreadFault.NoIdentifier, null);
        else if (Unfilled(seen.Identifier) is { } identifier)
            yield return new ThreadFinding(page, ThreadFault.Unfilled, identifier);
        else if (shared.Contains(seen.Identifier))
            yield return new ThreadFinding(page, ThreadFault.SameIdentifier, seen.Identifier);
        if (address is not null && Unfilled(address) is { } unfilled)
            yield return new ThreadFinding(page, ThreadFault.Unfilled, unfilled);
        else if (
            address is not null
            && FoldedAddress.Of(address) != FoldedAddress.Of(Canonical(seen.Document, seen.Page.Address))
        )
            yield return new ThreadFinding(page, ThreadFault.AddressDiffers, address);
        var hasScript = seen.Document.Scripts.Any(element =>
            element.GetAttribute("src") is { } source
            && Uri.TryCreate(seen.Page.Address, source, out var absolute)
            && absolute.AbsoluteUri == script
        );
        if (!hasScript)
            yield return new ThreadFinding(page, ThreadFault.NoScript, script);
    }

    private static string? Unfilled(string value) =>
        Array.Exists(Placeholders, sign => value.Contains(sign, StringComparison.Ordinal)) ? value : null;

    private static string Canonical(IHtmlDocument document, Uri page) =>
        document.QuerySelector("link[rel~=canonical i][href]")?.GetAttribute("href") is { } named
        && Uri.TryCreate(page, named, out var canonical)
            ? canonical.AbsoluteUri
            : page.AbsoluteUri;

    private sealed record Seen(PlacedPage Page, IHtmlDocument Document, List<IElement> Containers, string? Identifier);
}

/// <summary>A page that was fetched.</summary>
/// <param name="Address">Its address after redirects.</param>
/// <param name="Document">The page as delivered.</param>
public sealed record PlacedPage(Uri Address, IHtmlDocument Document);

/// <summary>Something wrong with a thread on a page.</summary>
/// <param name="Page">Address of the page.</param>
/// <param name="Fault">What is wrong.</param>
/// <param name="Value">What stands there, or null.</param>
public sealed record ThreadFinding(string Page, ThreadFault Fault, string? Value);
