namespace Antiphon.Core.Feeds.Checking.Examining.Documents;

/// <summary>Where a character stands in a text.</summary>
internal static class TextPlace
{
    /// <summary>Line and column from 1.</summary>
    public static (int Line, int Column) Of(string text, int at)
    {
        var before = text.AsSpan(0, Math.Clamp(at, 0, text.Length));
        return (before.Count('\n') + 1, before.Length - before.LastIndexOf('\n'));
    }
}
