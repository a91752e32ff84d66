using System.Text;

namespace Antiphon.Core.Text;

/// <summary>Text for a header of a mail.</summary>
public static class HeaderText
{
    /// <summary>
    /// The text as a value that cannot break out of its line (RFC 5322 §2.2): control characters and runs of spaces are
    /// one space.
    /// </summary>
    public static string Of(string text)
    {
        var line = new StringBuilder(text.Length);
        foreach (var c in text)
            line.Append(char.IsControl(c) ? ' ' : c);
        return OneLine.Of(line.ToString());
    }
}
