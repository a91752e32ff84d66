using System.Globalization;
using System.Text;

namespace Antiphon.Core.Languages;

/// <summary>
/// A text with places for names and numbers, written as ICU message patterns are: <c>{name}</c> is a place, <c>{count,
/// plural, one {# comment} other {# comments}}</c> a choice
/// by number in which # is the number. Of ICU's patterns it knows these two; plain text is what stands there, without
/// quoting.
/// </summary>
/// <param name="pattern">The pattern.</param>
/// <param name="language">Primary subtag of its language, which decides the forms of plurals.</param>
public sealed class Phrase(string pattern, string language)
{
    private readonly IReadOnlyList<PhrasePart> _parts = PhrasePart.Read(pattern);

    /// <summary>The pattern as it was written.</summary>
    public string Pattern { get; } = pattern;

    /// <summary>Names of its places, each once.</summary>
    public IEnumerable<string> Places => _parts.SelectMany(part => part.Places).Distinct();

    /// <summary>The text with one place filled.</summary>
    /// <exception cref="ArgumentException">The pattern has another place.</exception>
    public string With(string place, object value) => With([(place, value)]);

    /// <summary>The text with its places filled.</summary>
    /// <exception cref="ArgumentException">A place of the pattern got no value.</exception>
    public string With(params (string Place, object Value)[] values)
    {
        var text = new StringBuilder();
        Append(text, _parts, values, number: null);
        return text.ToString();
    }

    /// <inheritdoc/>
    public override string ToString() => Pattern;

    private void Append(
        StringBuilder text,
        IReadOnlyList<PhrasePart> parts,
        (string Place, object Value)[] values,
        long? number
    )
    {
        foreach (var part in parts)
        {
            if (part.Place is null)
                text.Append(
                    number is { } counted
                        ? part.Text.Replace("#", Spelled(counted), StringComparison.Ordinal)
                        : part.Text
                );
            else if (part.Choices is null)
                text.Append(Spelled(ValueOf(part.Place, values)));
            else
            {
                var chosenBy = Convert.ToInt64(ValueOf(part.Place, values), CultureInfo.InvariantCulture);
                Append(text, Chosen(part.Choices, chosenBy), values, chosenBy);
            }
        }
    }

    private IReadOnlyList<PhrasePart> Chosen(
        IReadOnlyDictionary<string, IReadOnlyList<PhrasePart>> choices,
        long number
    ) =>
        choices.TryGetValue(string.Create(CultureInfo.InvariantCulture, $"={number}"), out var exact) ? exact
        : choices.TryGetValue(PluralForm.Of(language, number), out var form) ? form
        : choices["other"];

    private static object ValueOf(string place, (string Place, object Value)[] values)
    {
        foreach (var value in values)
        {
            if (value.Place == place)
                return value.Value;
        }

        throw new ArgumentException($"A text has a place for {place}, which got no value.", nameof(values));
    }

    private static string Spelled(object value) => Convert.ToString(value, CultureInfo.InvariantCulture)!;
}
