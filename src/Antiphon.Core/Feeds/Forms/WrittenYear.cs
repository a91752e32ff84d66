using System.Globalization;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>
/// Years as people and programs shorten them (RFC 2822 §4.3): of two digits those below 50 belong to this century, and
/// three digits count from 1900.
/// </summary>
internal static class WrittenYear
{
    /// <summary>The whole year; null for what is no number of one to four digits.</summary>
    public static int? Of(string text)
    {
        if (text.Length > 4 || !int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var year))
            return null;
        return text.Length switch
        {
            4 => year,
            3 => 1900 + year,
            _ => year < 50 ? 2000 + year : 1900 + year,
        };
    }
}
