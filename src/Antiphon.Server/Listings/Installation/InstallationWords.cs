using Antiphon.Core.Listings.Installation;

namespace Antiphon.Server.Listings.Installation;

/// <summary>The points of the installation check in words.</summary>
internal static class InstallationWords
{
    /// <summary>What was found and what to do.</summary>
    public static PointView ViewOf(PointResult result) =>
        new(
            result.Point,
            result.State,
            Message(result),
            result.State is PointState.Right or PointState.Untold ? null : Fix(result)
        );

    private static string Message(PointResult result) =>
        (result.Point, result.State) switch
        {
            (InstallationPoint.PageReachable, PointState.Right) => "The page can be reached",
            (InstallationPoint.PageReachable, _) => "The page cannot be reached",
            (InstallationPoint.SnippetThere, PointState.Right) => "The snippet is on the page",
            (InstallationPoint.SnippetThere, _) when result.Cause == PointCause.InsideComment =>
                "The snippet is inside an HTML comment, so browsers skip it",
            (InstallationPoint.SnippetThere, _) when result.Cause == PointCause.ShownAsText =>
                "The snippet shows as text instead of working",
            (InstallationPoint.SnippetThere, _) => "The snippet is not on the page",
            (InstallationPoint.SnippetOnce, PointState.Right) => "The snippet appears once",
            (InstallationPoint.SnippetOnce, PointState.Untold) => "Number of snippets: unknown",
            (InstallationPoint.SnippetOnce, _) => $"It is there {result.Detail} times",
            (InstallationPoint.KeyRight, PointState.Right) => "The key is correct",
            (InstallationPoint.KeyRight, PointState.Untold) => "Key: unknown",
            (InstallationPoint.KeyRight, _) => $"The page carries another listing, with the key {result.Detail}",
            (InstallationPoint.ScriptThere, PointState.Right) => "The script is loaded",
            (InstallationPoint.ScriptThere, _) => "The page does not ask for the script",
            (InstallationPoint.ScriptReachable, PointState.Right) => "The script can be reached",
            (InstallationPoint.ScriptReachable, PointState.Untold) => "Script not loaded",
            (InstallationPoint.ScriptReachable, _) => "The script cannot be reached",
            (InstallationPoint.PolicyAllows, PointState.Right) => "The page's security policy lets the script work",
            (InstallationPoint.PolicyAllows, _) =>
                $"The page's Content-Security-Policy blocks the script ({result.Detail!.Split(' ')[0]})",
            (InstallationPoint.CanonicalRight, PointState.Right) => "The page is its own canonical page",
            (InstallationPoint.CanonicalRight, _) =>
                $"The page names {result.Detail} as the canonical one; search engines count the entries there",
            (InstallationPoint.FeedNamed, PointState.Right) => "The page links to the blog’s feed",
            (InstallationPoint.FeedNamed, _) => "The page does not name the blog's feed",
            (InstallationPoint.AddressAllowed, PointState.Right) => "The page's address is allowed",
            (InstallationPoint.AddressAllowed, _) => $"{result.Detail} is not among the allowed addresses",
            (InstallationPoint.EntriesSeen, PointState.Right) when result.Cause == PointCause.InFrame =>
                "Entries are in a frame; search engines do not credit this page",
            (InstallationPoint.EntriesSeen, _) when result.Cause == PointCause.StaleCopy =>
                $"The static copy is out of date: it has {result.Detail} of the current entries",
            (InstallationPoint.EntriesSeen, PointState.Right) =>
                $"Entries are in the page itself ({result.Detail}), also without scripts",
            (InstallationPoint.EntriesSeen, PointState.Untold) => "Entries: unknown",
            (InstallationPoint.EntriesSeen, _) when result.Detail == "0" => "The page’s HTML has no entries",
            _ => $"{result.Detail} of the current entries are in the page’s HTML",
        };

    private static string Fix(PointResult result) =>
        result.Point switch
        {
            InstallationPoint.PageReachable => result.Detail ?? "Check the address, and that the page is published.",
            InstallationPoint.SnippetThere when result.Cause == PointCause.InsideComment =>
                "Move it out from between <!-- and -->, then save and publish the page.",
            InstallationPoint.SnippetThere when result.Cause == PointCause.ShownAsText =>
                "Paste it again where the page takes HTML (a field named HTML, code or embed), not into the visible text.",
            InstallationPoint.SnippetThere =>
                "Copy the snippet, paste it into the page's HTML, save and publish the page. If you just did, the page may be cached: try again in a minute.",
            InstallationPoint.SnippetOnce => "Remove all but one of them.",
            InstallationPoint.KeyRight =>
                "Paste this listing's snippet, or open the other listing to change what shows there.",
            InstallationPoint.ScriptThere =>
                "Paste the last line of the snippet too; some editors take scripts only in a field of their own.",
            InstallationPoint.ScriptReachable =>
                "Check that Antiphon can be reached from outside under the address in the snippet.",
            InstallationPoint.AddressAllowed => "Add it to the allowed addresses in the site's settings.",
            InstallationPoint.PolicyAllows =>
                $"Add {result.Detail!.Split(' ')[1]} to script-src and connect-src of the policy.",
            InstallationPoint.CanonicalRight =>
                "That is right when this page is a copy of the other; otherwise correct the page's link rel=canonical.",
            InstallationPoint.FeedNamed =>
                $"So that feed readers find it, add to the page’s head: <link rel=\"alternate\" type=\"application/rss+xml\" href=\"{result.Detail}\">",
            _ when result.Cause == PointCause.StaleCopy =>
                "Copy the static snippet again, or use Script, which updates itself.",
            _ =>
                "Nothing is broken: the script shows the current entries. Paste the snippet again when readers without scripts should see the newest ones too.",
        };
}
