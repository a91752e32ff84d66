using System.Text.RegularExpressions;
using Antiphon.Core.Comments.Filtering.Folding;
using Antiphon.Core.Text;

namespace Antiphon.Core.Comments.Settings;

/// <summary>Looks for words and phrases, whole words unless "*" says otherwise, through the usual tricks.</summary>
public static class HeldWords
{
    private static readonly TimeSpan MostTime = TimeSpan.FromMilliseconds(200);

    /// <summary>The first of the words that stands in a text, or null.</summary>
    public static string? FirstIn(IReadOnlyList<string> words, string text)
    {
        var patterns = words
            .Where(word => word.Trim('*', ' ').Length > 0)
            .Select(word => (Word: word, Pattern: PatternOf(word)))
            .ToList();
        if (patterns.Count == 0)
            return null;
        var folded = Folded(text);
        // All at once first, as most comments hold none of them.
        return Stands(string.Join('|', patterns.Select(pair => pair.Pattern)), folded)
            ? patterns.Find(pair => Stands(pair.Pattern, folded)).Word
            : null;
    }

    private static string PatternOf(string word)
    {
        var spaced = OneLine.Of(Folded(word));
        return string.Join(@"[\p{L}\p{N}]*", spaced.Split('*').Select(Regex.Escape))
            .Replace(@"\ ", @"\s+", StringComparison.Ordinal);
    }

    private static bool Stands(string pattern, string text) =>
        Regex.IsMatch(
            text,
            $@"(?:^|[^\p{{L}}\p{{N}}])(?:{pattern})(?:$|[^\p{{L}}\p{{N}}])",
            RegexOptions.CultureInvariant | RegexOptions.NonBacktracking,
            MostTime
        );

    private static string Folded(string text)
    {
        var folded = new FoldedText();
        folded.Read(FoldedText.Bounded(text));
        return folded.Text.ToString();
    }
}
