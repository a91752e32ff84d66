namespace Antiphon.Core.Languages;

/// <summary>A part of a pattern: text, a place, or a choice by the number at a place.</summary>
/// <param name="Text">Text, for a part that is text.</param>
/// <param name="Place">Name of the place, or null for text.</param>
/// <param name="Choices">For a choice: what stands there, by form ("one", "other") or exact number ("=0"); else
/// null.</param>
internal sealed record PhrasePart(
    string Text,
    string? Place = null,
    IReadOnlyDictionary<string, IReadOnlyList<PhrasePart>>? Choices = null
)
{
    /// <summary>Names of the places in it.</summary>
    public IEnumerable<string> Places =>
        Place is null
            ? []
            : (Choices?.Values.SelectMany(parts => parts).SelectMany(part => part.Places) ?? []).Prepend(Place);

    /// <summary>The parts of a pattern.</summary>
    /// <exception cref="FormatException">A brace is left open, a choice is not a plural, or lacks "other".</exception>
    public static IReadOnlyList<PhrasePart> Read(string pattern)
    {
        var at = 0;
        var parts = Read(pattern, ref at);
        return at == pattern.Length ? parts : throw new FormatException($"A brace too many in “{pattern}”.");
    }

    private static List<PhrasePart> Read(string pattern, ref int at)
    {
        var parts = new List<PhrasePart>();
        while (at < pattern.Length && pattern[at] != '}')
        {
            if (pattern[at] == '{')
            {
                at++;
                parts.Add(ReadPlace(pattern, ref at));
                continue;
            }

            var end = pattern.AsSpan(at).IndexOfAny('{', '}');
            var text = end < 0 ? pattern[at..] : pattern.Substring(at, end);
            parts.Add(new PhrasePart(text));
            at += text.Length;
        }

        return parts;
    }

    private static PhrasePart ReadPlace(string pattern, ref int at)
    {
        var name = Until(pattern, ref at, ',', '}').Trim();
        if (pattern[at++] == '}')
            return new PhrasePart(string.Empty, name);
        if (Until(pattern, ref at, ',', '}').Trim() != "plural")
            throw new FormatException($"Only plurals are chosen by in “{pattern}”.");
        at++;
        var choices = new Dictionary<string, IReadOnlyList<PhrasePart>>();
        while (Until(pattern, ref at, '{', '}').Trim() is { Length: > 0 } form)
        {
            at++;
            choices[form] = Read(pattern, ref at);
            at++;
        }

        at++;
        return choices.ContainsKey("other")
            ? new PhrasePart(string.Empty, name, choices)
            : throw new FormatException($"A choice of “{pattern}” lacks other.");
    }

    private static string Until(string pattern, ref int at, char one, char other)
    {
        var length = pattern.AsSpan(at).IndexOfAny(one, other);
        if (length < 0)
            throw new FormatException($"A brace is left open in “{pattern}”.");
        at += length;
        return pattern.Substring(at - length, length);
    }
}
