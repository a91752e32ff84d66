using System.Globalization;
using System.Text.RegularExpressions;

namespace Antiphon.StandIns.Services;

/// <summary>How Lantern counts, written by its own people.</summary>
internal static partial class LanternCount
{
    /// <summary>Most it takes.</summary>
    public const int Most = 500;

    /// <summary>What a text counts.</summary>
    public static int Of(string text) =>
        new StringInfo(LinkPattern().Replace(text, new string('x', 23))).LengthInTextElements;

    [GeneratedRegex(@"https?://\S+")]
    private static partial Regex LinkPattern();
}
