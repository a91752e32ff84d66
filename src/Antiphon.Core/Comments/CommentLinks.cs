using System.Text.RegularExpressions;

namespace Antiphon.Core.Comments;

/// <summary>Addresses standing in a comment's plain text.</summary>
public static partial class CommentLinks
{
    /// <summary>How many http(s) addresses and bare "www." names the text holds.</summary>
    public static int Count(string text) => Address().Count(text);

    /// <summary>Pattern of an address in running text, ending before closing punctuation.</summary>
    internal const string Pattern = @"\b(?:https?://|www\.)[^\s<>""]+[^\s<>"".,;:!?)\]]";

    /// <summary>The pattern.</summary>
    [GeneratedRegex(Pattern, RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, 1000)]
    public static partial Regex Address();
}
