using System.Collections.Concurrent;
using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Antiphon.Core.Findings;

/// <summary>
/// What the rules of a check say in another language than English, in which they are written. A rule without a text in
/// the language says it in English.
/// </summary>
public sealed class RuleTexts
{
    private static readonly JsonSerializerOptions Strict = new()
    {
        PropertyNamingPolicy = JsonNamingPolicy.CamelCase,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    };

    private static readonly ConcurrentDictionary<string, RuleTexts> ByLanguage = new(StringComparer.Ordinal);
    private readonly TextFile _file;

    private RuleTexts(TextFile file) => _file = file;

    /// <summary>Ids of the rules that have a text.</summary>
    public IEnumerable<string> Rules => _file.Rules.Keys;

    /// <summary>The texts of a language; none for English and for a language without texts.</summary>
    /// <param name="language">Primary language subtag, such as "de".</param>
    public static RuleTexts For(string language) => ByLanguage.GetOrAdd(language, Read);

    /// <summary>What is wrong and what to do, with the values of the finding.</summary>
    public (string Message, string Fix) Of(Finding finding)
    {
        if (!_file.Rules.TryGetValue(finding.Rule.Id, out var text))
            return (finding.Message, finding.Fix);
        var values = finding.Arguments.Select(value => (object)_file.Words.GetValueOrDefault(value, value)).ToArray();
        return (Filled(text.Message, values), Filled(text.Fix, values));
    }

    /// <summary>What a rule says, with {0}, {1} for the values of a finding.</summary>
    public (string Message, string Fix) PatternsOf(CheckRule rule) =>
        _file.Rules.TryGetValue(rule.Id, out var text) ? (text.Message, text.Fix) : (rule.Message, rule.Fix);

    private static string Filled(string pattern, object[] values) =>
        values.Length == 0 ? pattern : string.Format(CultureInfo.InvariantCulture, pattern, values);

    private static RuleTexts Read(string language)
    {
        using var stream = typeof(RuleTexts).Assembly.GetManifestResourceStream($"Rules/{language}.json");
        return new RuleTexts(
            stream is null ? new TextFile([], []) : JsonSerializer.Deserialize<TextFile>(stream, Strict)!
        );
    }

    private sealed record TextFile(Dictionary<string, string> Words, Dictionary<string, RuleText> Rules);

    private sealed record RuleText(string Message, string Fix);
}
