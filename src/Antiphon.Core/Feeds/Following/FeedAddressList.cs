using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Following;

/// <summary>Addresses of feeds as people keep them: a list of subscriptions (OPML), or lines of text.</summary>
public static partial class FeedAddressList
{
    private const int BeginningLength = 4096;

    /// <summary>Whether a document is a list of subscriptions, not a feed.</summary>
    public static bool IsOpml(string text) =>
        OpmlRoot().IsMatch(text.Length > BeginningLength ? text[..BeginningLength] : text);

    /// <summary>The addresses of a list, each once, in its order; and why it cannot be read to its end, or null.</summary>
    /// <param name="text">OPML, or an address in each line; lines beginning with # are left out.</param>
    public static (IReadOnlyList<string> Addresses, string? Problem) Read(string text)
    {
        if (IsOpml(text))
        {
            var list = OpmlReader.Read(text);
            return ([.. list.Feeds.Select(feed => feed.FeedAddress)], list.Problem);
        }

        return (
            [
                .. text.Split('\n', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)
                    .Where(line => line[0] != '#')
                    .Distinct(StringComparer.Ordinal),
            ],
            null
        );
    }

    // The outermost element, behind declarations, comments and instructions (XML 1.0, 2.8).
    [GeneratedRegex(
        @"^\s*(?:<\?.*?\?>\s*|<!--.*?-->\s*|<!DOCTYPE[^>\[]*>\s*)*<opml[\s>]",
        RegexOptions.IgnoreCase | RegexOptions.Singleline | RegexOptions.NonBacktracking
    )]
    private static partial Regex OpmlRoot();
}
