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

    /// <summary>Letters to put in, leave out, change or swap with their neighbour to get from one name to the other.</summary>
    private static int Steps(string one, string other)
    {
        var steps = new int[one.Length + 1, other.Length + 1];
        for (var i = 0; i <= one.Length; i++)
        for (var j = 0; j <= other.Length; j++)
            steps[i, j] =
                i == 0 || j == 0
                    ? i + j
                    : Math.Min(
                        Math.Min(steps[i - 1, j], steps[i, j - 1]) + 1,
                        Math.Min(Change(one, other, steps, i, j), Swap(one, other, steps, i, j))
                    );
        return steps[one.Length, other.Length];
    }

    private static int Change(string one, string other, int[,] steps, int i, int j) =>
        steps[i - 1, j - 1] + (one[i - 1] == other[j - 1] ? 0 : 1);

    private static int Swap(string one, string other, int[,] steps, int i, int j) =>
        i > 1 && j > 1 && one[i - 1] == other[j - 2] && one[i - 2] == other[j - 1]
            ? steps[i - 2, j - 2] + 1
            : int.MaxValue;
}
