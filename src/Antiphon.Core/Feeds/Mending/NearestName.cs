namespace Antiphon.Core.Feeds.Mending;

/// <summary>Finds the name that was meant by one with a slip.</summary>
internal static class NearestName
{
    private const int LongestName = 40;

    /// <summary>
    /// The one of some names that was meant by another: the same but for capitals, or with one letter in five wrong at
    /// most; null when none or several are that near.
    /// </summary>
    public static string? Of(string name, IEnumerable<string> names)
    {
        if (name.Length is < 3 or > LongestName)
            return null;
        var near = names
            .Select(other => (Name: other, Steps: Steps(name.ToLowerInvariant(), other.ToLowerInvariant())))
            .Where(other => other.Steps <= Math.Max(1, other.Name.Length / 4))
            .OrderBy(other => other.Steps)
            .Take(2)
            .ToList();
        return near.Count == 0 || (near.Count == 2 && near[0].Steps == near[1].Steps) ? null : near[0].Name;
    }

    /// <summary>Letters to put in, leave out or change to get from one name to the other.</summary>
    private static int Steps(string one, string other)
    {
        var before = Enumerable.Range(0, other.Length + 1).ToArray();
        for (var i = 1; i <= one.Length; i++)
        {
            var row = new int[other.Length + 1];
            row[0] = i;
            for (var j = 1; j <= other.Length; j++)
            {
                var change = before[j - 1] + (one[i - 1] == other[j - 1] ? 0 : 1);
                row[j] = Math.Min(change, Math.Min(before[j], row[j - 1]) + 1);
            }

            before = row;
        }

        return before[^1];
    }
}
