namespace Antiphon.Core.Listings.Styles.Css;

/// <summary>Finds the word that was meant by one that is nearly it.</summary>
internal static class NearestWord
{
    private const int MostChanges = 2;

    /// <summary>
    /// The known word with the fewest letters changed, added or missing, at most two; null when none is so near.
    /// </summary>
    public static string? Of(string word, IEnumerable<string> known) =>
        known
            .Select(text => (Word: text, Changes: Changes(word.ToLowerInvariant(), text)))
            .Where(pair => pair.Changes <= MostChanges && pair.Changes < word.Length)
            .OrderBy(pair => pair.Changes)
            .Select(pair => pair.Word)
            .FirstOrDefault();

    // Levenshtein's distance, one row at a time.
    private static int Changes(string one, string two)
    {
        var row = Enumerable.Range(0, two.Length + 1).ToArray();
        for (var i = 1; i <= one.Length; i++)
        {
            var diagonal = row[0];
            row[0] = i;
            for (var j = 1; j <= two.Length; j++)
            {
                var changed = diagonal + (one[i - 1] == two[j - 1] ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.Min(changed, Math.Min(row[j], row[j - 1]) + 1);
            }
        }

        return row[two.Length];
    }
}
