using AngleSharp.Html.Dom;
using Antiphon.Core.Text;

namespace Antiphon.Core.Comments.Threads;

/// <summary>
/// Looks at pages for the threads on them. Some faults show only when several pages are seen side by side.
/// </summary>
public static class ThreadPlacement
{
    private static readonly string[] Placeholders = ["{{", "}}", "{%", "<%", "%>", "${", "<?", "?>", "[[", "@("];

    /// <summary>What is wrong, page by page in the order given.</summary>
    /// <param name="pages">Pages as delivered, before any script ran.</param>
    /// <param name="siteKey">Public key of the site.</param>
    /// <param name="script">Address of our script.</param>
    public static IReadOnlyList<ThreadFinding> Examine(IReadOnlyList<PlacedPage> pages, string siteKey, string script)
    {
        var seen = pages.Select(Look).ToList();
        var shared = seen.Where(found => found.Name is not null)
            .GroupBy(found => found.Name!)
            .Where(group =>
                group.Select(found => FoldedAddress.Of(found.Page.Address.AbsoluteUri)).Distinct().Count() > 1
            )
            .Select(group => group.Key)
            .ToHashSet(StringComparer.Ordinal);
        return [.. seen.SelectMany(found => Faults(found, siteKey, script, shared))];
    }

    // Without an identifier the address tells the thread; pages of a template that all name one canonical address
    // share it.
    private static Seen Look(PlacedPage page)
    {
        var threads = page.Document.QuerySelectorAll(PlacedThread.Selector).Select(PlacedThread.Of).ToList();
        var name = threads.FirstOrDefault() switch
        {
            null => null,
            { Key.Identifier: { Length: > 0 } identifier } => identifier,
            { NeedsIdentifier: true } => null,
            { Address: { } address } => FoldedAddress.Of(address) ?? address,
            _ => FoldedAddress.Of(Canonical(page)),
        };
        return new Seen(page, threads, name);
    }

    private static IEnumerable<ThreadFinding> Faults(Seen seen, string siteKey, string script, HashSet<string> shared)
    {
        var page = seen.Page.Address.AbsoluteUri;
        if (seen.Threads.Count == 0)
        {
            yield return new ThreadFinding(page, ThreadFault.Missing, null);
            yield break;
        }

        var thread = seen.Threads[0];
        if (seen.Threads.Count > 1)
            yield return new ThreadFinding(
                page,
                ThreadFault.Several,
                string.Join(", ", seen.Threads.Select(placed => placed.Key.Identifier))
            );
        if (thread.Key.Site != siteKey)
            yield return new ThreadFinding(page, ThreadFault.OtherSite, thread.Key.Site);
        if (seen.Name is null)
            yield return new ThreadFinding(page, ThreadFault.NoIdentifier, null);
        else if (Unfilled(thread.Key.Identifier) is { } identifier)
            yield return new ThreadFinding(page, ThreadFault.Unfilled, identifier);
        else if (shared.Contains(seen.Name))
            yield return new ThreadFinding(page, ThreadFault.SameIdentifier, seen.Name);
        if (thread.Address is not null && Unfilled(thread.Address) is { } unfilled)
            yield return new ThreadFinding(page, ThreadFault.Unfilled, unfilled);
        else if (
            thread.Address is not null
            && FoldedAddress.Of(thread.Address) != FoldedAddress.Of(Canonical(seen.Page))
        )
            yield return new ThreadFinding(page, ThreadFault.AddressDiffers, thread.Address);
        var hasScript = seen.Page.Document.Scripts.Any(element =>
            element.GetAttribute("src") is { } source
            && Uri.TryCreate(seen.Page.Address, source, out var absolute)
            && absolute.AbsoluteUri == script
        );
        if (!hasScript)
            yield return new ThreadFinding(page, ThreadFault.NoScript, script);
    }

    private static string? Unfilled(string value) =>
        Array.Exists(Placeholders, sign => value.Contains(sign, StringComparison.Ordinal)) ? value : null;

    private static string Canonical(PlacedPage page) =>
        page.Document.QuerySelector("link[rel~=canonical i][href]")?.GetAttribute("href") is { } named
        && Uri.TryCreate(page.Address, named, out var canonical)
            ? canonical.AbsoluteUri
            : page.Address.AbsoluteUri;

    private sealed record Seen(PlacedPage Page, List<PlacedThread> Threads, string? Name);
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
