namespace Antiphon.Tests;

/// <summary>Texts changed by chance, the same in every run.</summary>
internal static class Mutations
{
    private const int Longest = 200_000;

    /// <summary>How many: those given, or what ANTIPHON_MUTATIONS says.</summary>
    public static int Count(int usual) =>
        int.TryParse(Environment.GetEnvironmentVariable("ANTIPHON_MUTATIONS"), out var asked) ? asked : usual;

    /// <summary>
    /// A text with up to eight changes: pieces put in, cut out, moved, or repeated hundreds of times.
    /// </summary>
    public static string Of(string seed, string[] pieces, Random random)
    {
        var text = seed;
        for (var change = random.Next(1, 9); change > 0 && text.Length < Longest; change--)
        {
            var (from, piece) = (random.Next(text.Length + 1), pieces[random.Next(pieces.Length)]);
            var to = Math.Min(text.Length, from + random.Next(1, 40));
            text = random.Next(5) switch
            {
                0 => text.Insert(from, piece),
                1 => text.Remove(from, to - from),
                2 => text.Insert(random.Next(text.Length + 1), text[from..to]),
                3 => text.Insert(
                    from,
                    string.Concat(Enumerable.Repeat(piece + pieces[random.Next(pieces.Length)], random.Next(2, 400)))
                ),
                _ => text[..from] + (char)random.Next(0x20, 0x250) + text[to..],
            };
        }

        return text;
    }
}
