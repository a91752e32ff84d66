namespace Antiphon.Core.Text;

/// <summary>What somebody entered, or nothing.</summary>
public static class Trimmed
{
    /// <summary>The text without space around it; null when there is nothing else.</summary>
    public static string? OrNull(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();
}
