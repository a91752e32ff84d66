namespace Antiphon.Core.Posts;

/// <summary>How long a text takes to read.</summary>
public static class ReadingTime
{
    private const double WordsAMinute = 220;

    /// <summary>
    /// Whole minutes, at least one, for the words of a text without markup; what stands between spaces is a word.
    /// </summary>
    public static int MinutesOf(string text) => Math.Max(1, (int)Math.Round(WordsIn(text) / WordsAMinute));

    private static int WordsIn(string text)
    {
        var (words, inside) = (0, false);
        foreach (var sign in text)
        {
            var isSpace = char.IsWhiteSpace(sign);
            if (!isSpace && !inside)
                words++;
            inside = !isSpace;
        }

        return words;
    }
}
