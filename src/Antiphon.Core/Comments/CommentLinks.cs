using System.Text.RegularExpressions;

namespace Antiphon.Core.Comments;

/// <summary>Addresses standing in a comment's plain text.</summary>
public static partial class CommentLinks
{
    /// <summary>How many http(s) addresses and bare "www." names the text holds.</summary>
    public static int Count(string text) => Address().Count(text);

    /// <summary>The hosts those addresses lead to, in lower case and without "www.", each once.</summary>
    public static IReadOnlyList<string> Hosts(string text) =>
        [.. Address().Matches(text).Select(match => HostOf(match.Value)).OfType<string>().Distinct()];

    private static string? HostOf(string address)
    {
        var whole = address.StartsWith("www.", StringComparison.OrdinalIgnoreCase) ? $"https://{address}" : address;
        if (!Uri.TryCreate(whole, UriKind.Absolute, out var uri))
            return null;
        var host = uri.IdnHost.ToLowerInvariant();
        return host.StartsWith("www.", StringComparison.Ordinal) ? host[4..] : host;
    }

    /// <summary>Pattern of an address in running text, ending before closing punctuation.</summary>
    internal const string Pattern = @"\b(?:https?://|www\.)[^\s<>""]+[^\s<>"".,;:!?)\]]";

    /// <summary>The pattern.</summary>
    [GeneratedRegex(Pattern, RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, 1000)]
    public static partial Regex Address();
}
