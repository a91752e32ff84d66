namespace Antiphon.Core.Listings.Related;

/// <summary>The words of a text that say what it is about.</summary>
public static class DistinctiveWords
{
    private const int ShortestWord = 4;
    private const int LongestWord = 40;

    // Long enough to pass the length, and in every text of the language all the same.
    private static readonly HashSet<string> Filling = new(
        (
            "about above after again against also although always among another around because been before behind being below between both came come could down each even ever every first from gave "
            + "have having here into just kept last like little made make many more most much never next none only other over same seen shall should since some such than that their them then there these they thing "
            + "this those though three through time under until upon very want well went were what when where which while whom whose will with without would your "
            + "aber alle auch beim dann dass dein denn dort eine einem einen einer eines euch ganz haben hatte hier ihre immer jede kann kein mehr mein nach nicht noch oder ohne schon sehr sein seine sich sind "
            + "über unser viel vom von wenn werden wieder wird wurde zwischen "
            + "alors avec avoir bien cette comme dans depuis donc elle elles encore entre être leur leurs mais même notre nous pour quand sans sont sous tout tous très votre vous"
        ).Split(' '),
        StringComparer.Ordinal
    );

    /// <summary>
    /// The words with how often each is used: lower case, without marks and numbers, four letters or more, and none
    /// that every text has.
    /// </summary>
    public static IReadOnlyDictionary<string, int> Of(string text)
    {
        var counts = new Dictionary<string, int>();
        var start = -1;
        for (var i = 0; i <= text.Length; i++)
        {
            if (i < text.Length && char.IsLetter(text[i]))
            {
                if (start < 0)
                    start = i;
                continue;
            }

            if (start >= 0 && i - start is >= ShortestWord and <= LongestWord)
                Count(text[start..i].ToLowerInvariant(), counts);
            start = -1;
        }

        return counts;
    }

    private static void Count(string word, Dictionary<string, int> counts)
    {
        // The plain plural is the same word; more of grammar is left to the reader's language.
        if (word.EndsWith('s') && !word.EndsWith("ss", StringComparison.Ordinal) && word.Length > ShortestWord)
            word = word[..^1];
        if (!Filling.Contains(word))
            counts[word] = counts.GetValueOrDefault(word) + 1;
    }
}
