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
                "The snippet stands inside a comment, so browsers skip it",
            (InstallationPoint.SnippetThere, _) when result.Cause == PointCause.ShownAsText =>
                "The snippet shows as text instead of working",
            (InstallationPoint.SnippetThere, _) => "The snippet is not on the page",
            (InstallationPoint.SnippetOnce, PointState.Right) => "It is there once",
            (InstallationPoint.SnippetOnce, PointState.Untold) => "Whether it is there once cannot be told yet",
            (InstallationPoint.SnippetOnce, _) => $"It is there {result.Detail} times",
            (InstallationPoint.KeyRight, PointState.Right) => "The key is this listing's",
            (InstallationPoint.KeyRight, PointState.Untold) => "The key cannot be told yet",
            (InstallationPoint.KeyRight, _) => $"The page carries another listing, with the key {result.Detail}",
            (InstallationPoint.ScriptThere, PointState.Right) => "The page asks for the script",
            (InstallationPoint.ScriptThere, _) => "The page does not ask for the script",
            (InstallationPoint.ScriptReachable, PointState.Right) => "The script can be reached",
            (InstallationPoint.ScriptReachable, PointState.Untold) => "The script was not asked for",
            (InstallationPoint.ScriptReachable, _) => "The script cannot be reached",
            (InstallationPoint.PolicyAllows, PointState.Right) => "The page's security policy lets the script work",
            (InstallationPoint.PolicyAllows, _) =>
                $"The page's Content-Security-Policy blocks the script ({result.Detail!.Split(' ')[0]})",
            (InstallationPoint.CanonicalRight, PointState.Right) => "The page stands for itself in search engines",
            (InstallationPoint.CanonicalRight, _) =>
                $"The page names {result.Detail} as the canonical one; search engines count the entries there",
            (InstallationPoint.FeedNamed, PointState.Right) => "The page names the blog's feed",
            (InstallationPoint.FeedNamed, _) => "The page does not name the blog's feed",
            (InstallationPoint.AddressAllowed, PointState.Right) => "The page's address is allowed",
            (InstallationPoint.AddressAllowed, _) => $"{result.Detail} is not among the allowed addresses",
            (InstallationPoint.EntriesSeen, PointState.Right) when result.Cause == PointCause.InFrame =>
                "Entries stand in a frame; search engines count them for Antiphon's address, not for this page",
            (InstallationPoint.EntriesSeen, _) when result.Cause == PointCause.StaleCopy =>
                $"The static copy is stale: it holds {result.Detail} of the current entries",
            (InstallationPoint.EntriesSeen, PointState.Right) =>
                $"Entries are in the page itself ({result.Detail}), also without scripts",
            (InstallationPoint.EntriesSeen, PointState.Untold) => "Entries cannot be told yet",
            (InstallationPoint.EntriesSeen, _) when result.Detail == "0" => "No entries stand in the page itself",
            _ => $"{result.Detail} of the current entries stand in the page itself",
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
                $"So that readers' programs find it, add to the page's head: <link rel=\"alternate\" type=\"application/rss+xml\" href=\"{result.Detail}\">",
            _ when result.Cause == PointCause.StaleCopy =>
                "Copy the static snippet again and paste it over the old one, or take the way Script, which refreshes itself.",
            _ =>
                "Nothing is broken: the script shows the current entries. Paste the snippet again when readers without scripts should see the newest ones too.",
        };
}
