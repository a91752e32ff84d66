namespace Antiphon.Core.Text;

/// <summary>What somebody typed into a search field, as words to look for.</summary>
public static class SearchWords
{
    private const int MostWords = 12;

    /// <summary>The words, marks left out, at most twelve; empty when there are none.</summary>
    public static IReadOnlyList<string> Of(string? typed)
    {
        var letters = (typed ?? string.Empty)
            .Select(c =>
                char.IsLetterOrDigit(c)
                || char.GetUnicodeCategory(c)
                    is System.Globalization.UnicodeCategory.NonSpacingMark
                        or System.Globalization.UnicodeCategory.Surrogate
                    ? c
                    : ' '
            )
            .ToArray();
        return [.. new string(letters).Split(' ', StringSplitOptions.RemoveEmptyEntries).Take(MostWords)];
    }

    /// <summary>
    /// The words for a full text index that takes quoted words: each must be there, and the last may be the beginning
    /// of one, since it may still be being typed. Null when there are none.
    /// </summary>
    public static string? AllOf(IReadOnlyList<string> words) =>
        words.Count == 0
            ? null
            : string.Join(
                ' ',
                words.Select((word, index) => Quoted(word) + (index == words.Count - 1 ? "*" : string.Empty))
            );

    /// <summary>The words for the same index, of which one is enough. Null when there are none.</summary>
    public static string? AnyOf(IEnumerable<string> words) =>
        string.Join(" OR ", words.Select(Quoted)) is { Length: > 0 } query ? query : null;

    private static string Quoted(string word) => $"\"{word.Replace("\"", string.Empty, StringComparison.Ordinal)}\"";
}
