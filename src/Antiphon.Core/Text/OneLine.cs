namespace Antiphon.Core.Text;

/// <summary>Text on one line.</summary>
public static class OneLine
{
    /// <summary>
    /// The text with every run of white space, line ends among them, as one space, and none at its ends.
    /// </summary>
    public static string Of(string text) =>
        string.Join(' ', text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
}
