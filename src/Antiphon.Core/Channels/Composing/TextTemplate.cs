using System.Text;

namespace Antiphon.Core.Channels.Composing;

/// <summary>
/// What a channel says about a post: words with fields between braces, such as "{title} {link}". A part between "{if
/// author}" and "{end}" stands only where the field has something to say.
/// A brace that is meant is written twice.
/// </summary>
public sealed class TextTemplate
{
    /// <summary>Fields a template may name.</summary>
    public static readonly IReadOnlyList<string> Fields =
    [
        "title",
        "excerpt",
        "link",
        "author",
        "category",
        "tags",
        "date",
        "blog",
        "site",
    ];

    /// <summary>Longest template, in characters.</summary>
    public const int MaxLength = 2000;

    private readonly IReadOnlyList<Part> _parts;

    private TextTemplate(IReadOnlyList<Part> parts) => _parts = parts;

    /// <summary>Fields it names.</summary>
    public IReadOnlySet<string> Used =>
        _parts.Select(part => part.Field ?? part.Condition).OfType<string>().ToHashSet();

    /// <summary>Reads a template; or in plain words what is wrong and where, counted in characters from 1.</summary>
    /// <param name="text">The template.</param>
    /// <param name="fields">Fields it may name; null for <see cref="Fields"/>.</param>
    public static (TextTemplate? Template, string? Problem) Read(string text, IReadOnlyList<string>? fields = null)
    {
        if (text.Length > MaxLength)
            return (null, $"Use at most {MaxLength} characters.");
        var (parts, words, condition) = (new List<Part>(), new StringBuilder(), (string?)null);
        void Close()
        {
            if (words.Length > 0)
                parts.Add(new Part(words.ToString(), null, condition));
            words.Clear();
        }

        for (var at = 0; at < text.Length; at++)
        {
            if (text[at] is '{' or '}' && at + 1 < text.Length && text[at + 1] == text[at])
                words.Append(text[at++]);
            else if (text[at] == '}')
                return (null, $"Unmatched }} at {at + 1}. Write }}}} to show a brace.");
            else if (text[at] != '{')
                words.Append(text[at]);
            else
            {
                var end = text.IndexOf('}', at);
                if (end < 0)
                    return (null, $"Missing }} for the brace at {at + 1}. Write {{{{ to show a brace.");
                Close();
                if (Take(text[(at + 1)..end].Trim(), at + 1, fields ?? Fields, parts, ref condition) is { } problem)
                    return (null, problem);
                at = end;
            }
        }

        Close();
        return condition is null ? (new TextTemplate(parts), null) : (null, $"“{{if {condition}}}” has no “{{end}}”.");
    }

    /// <summary>
    /// The text with the fields filled in; gaps and empty lines left by fields that say nothing are closed up.
    /// </summary>
    public string Fill(IReadOnlyDictionary<string, string> values)
    {
        var text = new StringBuilder();
        foreach (var part in _parts)
        {
            if (part.Condition is { } condition && values.GetValueOrDefault(condition, string.Empty).Length == 0)
                continue;
            text.Append(part.Field is { } field ? ValueOf(field, values) : part.Words);
        }

        return Tidy(text.ToString());
    }

    private static string ValueOf(string field, IReadOnlyDictionary<string, string> values) =>
        values.GetValueOrDefault(field) is { Length: > 0 } value
            ? value.Replace(EmptyFields.Gap, ' ')
            : EmptyFields.Gap.ToString();

    private static string? Take(
        string inner,
        int at,
        IReadOnlyList<string> fields,
        List<Part> parts,
        ref string? condition
    )
    {
        if (inner == "end")
        {
            if (condition is null)
                return $"“{{end}}” at {at} ends nothing.";
            condition = null;
            return null;
        }

        var isIf = inner.StartsWith("if ", StringComparison.Ordinal);
        var field = isIf ? inner[3..].Trim() : inner;
        if (!fields.Contains(field))
            return $"Unknown field “{field}” (at {at}). Available: {string.Join(", ", fields)}.";
        if (!isIf)
            parts.Add(new Part(string.Empty, field, condition));
        else if (condition is not null)
            return $"“{{if {field}}}” at {at} stands within “{{if {condition}}}”; end that first.";
        else
            condition = field;
        return null;
    }

    private static string Tidy(string text)
    {
        var lines = text.ReplaceLineEndings("\n")
            .Split('\n')
            .Select(EmptyFields.Close)
            .Select(line => string.Join(' ', line.Split(' ', StringSplitOptions.RemoveEmptyEntries)))
            .ToList();
        var kept = lines.Where((line, at) => line.Length > 0 || (at > 0 && lines[at - 1].Length > 0)).ToList();
        return string.Join('\n', kept).Trim();
    }

    private sealed record Part(string Words, string? Field, string? Condition);
}
