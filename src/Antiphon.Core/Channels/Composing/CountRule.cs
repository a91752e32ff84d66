using System.Globalization;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Channels.Composing;

/// <summary>
/// How a network counts a text: what a reader sees as one character counts one (UAX #29, extended grapheme clusters), a
/// link a fixed number whatever its length.
/// </summary>
/// <param name="Limit">Most that is taken.</param>
/// <param name="LinkCost">What a link counts; 0 where it counts as long as it is.</param>
public sealed partial record CountRule(int Limit, int LinkCost)
{
    /// <summary>What a text counts.</summary>
    public int Of(string text)
    {
        if (LinkCost == 0)
            return Clusters(text);
        var (count, at) = (0, 0);
        foreach (var link in LinkPattern().EnumerateMatches(text))
        {
            count += Clusters(text[at..link.Index]) + LinkCost;
            at = link.Index + link.Length;
        }

        return count + Clusters(text[at..]);
    }

    /// <summary>The links of a text, as networks find them.</summary>
    public static IEnumerable<string> Links(string text) => LinkPattern().Matches(text).Select(found => found.Value);

    /// <summary>
    /// The most of a text that counts no more than so much, cut between words, with an ellipsis; empty where not one
    /// word fits.
    /// </summary>
    public static string Cut(string text, int most)
    {
        if (Clusters(text) <= most)
            return text;
        if (most < 2)
            return string.Empty;
        var elements = new StringInfo(text);
        var head = elements.SubstringByTextElements(0, most - 1);
        // A word that ends just there is whole.
        if (!char.IsWhiteSpace(elements.SubstringByTextElements(most - 1, 1)[0]))
            head = head[..Math.Max(0, head.LastIndexOf(' '))];
        head = head.TrimEnd().TrimEnd('.', ',', ';', ':', '–', '-', '(');
        return head.Length == 0 ? string.Empty : head + "…";
    }

    /// <summary>What a reader sees as characters.</summary>
    public static int Clusters(string text)
    {
        var count = 0;
        for (var rest = text.AsSpan(); rest.Length > 0; count++)
            rest = rest[StringInfo.GetNextTextElementLength(rest)..];
        return count;
    }

    [GeneratedRegex(@"https?://[^\s<>""]*[^\s<>"".,;:!?')\]]")]
    private static partial Regex LinkPattern();
}
