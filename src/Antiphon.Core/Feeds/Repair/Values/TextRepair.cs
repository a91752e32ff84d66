using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Texts;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Repairs HTML inside feeds.</summary>
internal static class TextRepair
{
    /// <summary>The HTML put right.</summary>
    /// <param name="html">The HTML.</param>
    /// <param name="baseAddress">Against what relative addresses are resolved; null to leave them.</param>
    /// <param name="note">Told the rule and what was done.</param>
    public static string Html(string html, Uri? baseAddress, Action<string, string> note)
    {
        var right = html;
        if (HtmlExaminer.EscapedTwice().IsMatch(right))
        {
            note(SharedRules.EscapedTwice.Id, "Escaped the text once instead of twice");
            right = HtmlExaminer.EscapedTwice().Replace(right, match => "&" + match.Value[5..]);
        }
        else if (HtmlExaminer.IsEscapedWhole(right))
        {
            note(SharedRules.EscapedTwice.Id, "Escaped the text once instead of twice");
            right = right
                .Replace("&lt;", "<", StringComparison.Ordinal)
                .Replace("&gt;", ">", StringComparison.Ordinal)
                .Replace("&quot;", "\"", StringComparison.Ordinal)
                .Replace("&amp;", "&", StringComparison.Ordinal);
        }

        right = HtmlRepair.Run(right, note);
        var whole = HtmlAddresses.Resolve(right, baseAddress) ?? right;
        if (whole != right)
            note(SharedRules.RelativeAddress.Id, "Completed the addresses in the text");
        return whole;
    }
}
