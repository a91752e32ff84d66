using System.Text;

namespace Antiphon.Core.Comments.Threads;

/// <summary>What stands for a writer of whom there is no picture: letters of the name, in one of a few tones.</summary>
public static class WriterSign
{
    /// <summary>How many tones there are.</summary>
    public const int Tones = 8;

    /// <summary>
    /// The first letters of the first and of the last word, as capitals; one letter for a single word, empty where no
    /// word begins with a letter or digit.
    /// </summary>
    /// <param name="name">The name as it was given.</param>
    public static string InitialsOf(string name)
    {
        var letters = name.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
            .Select(word => word.EnumerateRunes().First())
            .Where(Rune.IsLetterOrDigit)
            .Select(letter => Rune.ToUpperInvariant(letter).ToString())
            .ToList();
        return letters.Count > 1 ? letters[0] + letters[^1] : string.Concat(letters);
    }

    /// <summary>The tone of a name, from 0 up to <see cref="Tones"/>; the same on every machine and in every year.</summary>
    /// <param name="name">The name; capitals make no difference.</param>
    public static int ToneOf(string name)
    {
        // FNV-1a: short, and unlike the hash of the platform the same at every start.
        var hash = 2166136261u;
        foreach (var part in Encoding.UTF8.GetBytes(name.Trim().ToUpperInvariant()))
            hash = unchecked((hash ^ part) * 16777619);
        return (int)(hash % Tones);
    }
}
