using System.Globalization;

namespace Antiphon.Core.Text;

/// <summary>Cuts text to a length without breaking words or character clusters.</summary>
public static class Shortened
{
    /// <summary>
    /// The first <paramref name="words"/> words, with an ellipsis when something was left out. White space between
    /// words becomes one space.
    /// </summary>
    public static string ToWords(string text, int words)
    {
        var all = text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries);
        if (all.Length <= words)
            return string.Join(' ', all);
        return string.Join(' ', all.Take(words)).TrimEnd('.', ',', ';', ':', '–', '-') + "…";
    }

    /// <summary>
    /// The most whole sentences that fit into so many characters; null when not even the first does. A sentence ends
    /// with its mark and white space behind it.
    /// </summary>
    public static string? ToSentence(string text, int length)
    {
        if (text.Length <= length)
            return text;
        for (var at = Math.Min(length, text.Length - 1); at > 0; at--)
        {
            if (!char.IsWhiteSpace(text[at]))
                continue;
            var end = at;
            while (end > 0 && text[end - 1] is '”' or '"' or '’' or ')' or '»')
                end--;
            if (end > 0 && text[end - 1] is '.' or '!' or '?' or '…' or '。')
                return text[..at].TrimEnd();
        }

        return null;
    }

    /// <summary>
    /// At most <paramref name="length"/> text elements (what a reader sees as one character), the ellipsis included;
    /// cut at a space when there is one in the last third.
    /// </summary>
    public static string ToLength(string text, int length)
    {
        var elements = new StringInfo(text);
        if (elements.LengthInTextElements <= length)
            return text;
        var head = elements.SubstringByTextElements(0, Math.Max(1, length - 1));
        var space = head.LastIndexOf(' ');
        if (space > head.Length * 2 / 3)
            head = head[..space];
        return head.TrimEnd() + "…";
    }
}
