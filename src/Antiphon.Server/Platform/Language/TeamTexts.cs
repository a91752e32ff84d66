using System.Collections.Concurrent;
using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Server.Platform.Language;

/// <summary>
/// What the server says to people of a team, in their language. Texts are written in English where they arise, also
/// those that are kept for later; on their way out the catalogue of a language is asked for the sentence they were made
/// by. A text the catalogue does not know stays English.
/// </summary>
internal sealed partial class TeamTexts
{
    private static readonly ConcurrentDictionary<string, TeamTexts?> ByLanguage = new(StringComparer.Ordinal);
    private const string Indent = "  ";
    private readonly Dictionary<string, string> _whole;
    private readonly List<Pattern> _patterns;

    private TeamTexts(IEnumerable<KeyValuePair<string, string>> texts)
    {
        var all = texts.DistinctBy(text => text.Key).ToList();
        _whole = all.Where(text => !Place().IsMatch(text.Key)).ToDictionary(StringComparer.Ordinal);
        // What is added in brackets to any sentence comes first; then what says most itself, or "{0}: {1}" would fit
        // everything.
        _patterns =
        [
            .. all.Where(text => Place().IsMatch(text.Key))
                .OrderByDescending(text => text.Key.StartsWith("{0} (", StringComparison.Ordinal))
                .ThenByDescending(text => Place().Replace(text.Key, string.Empty).Length)
                .Select(Pattern.Of),
        ];
    }

    /// <summary>Primary subtags of the languages a team is spoken to in.</summary>
    public static IReadOnlyList<string> Languages { get; } = ["en", "de"];

    /// <summary>The language of the request that is being answered; English elsewhere.</summary>
    public static string Language =>
        CultureInfo.CurrentUICulture.TwoLetterISOLanguageName is var language && Languages.Contains(language)
            ? language
            : Languages[0];

    /// <summary>What the rules of a check say in that language.</summary>
    public static RuleTexts Rules => RuleTexts.For(Language);

    /// <summary>The text in the language of the request that is being answered; English elsewhere.</summary>
    public static string Say(string text) => Say(text, Language);

    /// <summary>The text in a language; English in one that is not spoken.</summary>
    /// <param name="text">The English text.</param>
    /// <param name="language">Primary subtag of the language; null for English.</param>
    public static string Say(string text, string? language) =>
        ByLanguage.GetOrAdd(language ?? Languages[0], Read)?.InLines(text) ?? text;

    /// <summary>
    /// A line of the activity log, which is a sentence without its subject, in the language of the request. Its patterns
    /// are so short that they would fit what people write, and stand in a catalogue of their own.
    /// </summary>
    public static string SayAct(string what) => ByLanguage.GetOrAdd($"{Language}.acts", ReadActs)?.Of(what, 0) ?? what;

    /// <summary>What somebody wrote, within a text of ours: no line of it is taken for a sentence of the server.</summary>
    public static string AsWritten(string words) => Indent + words.ReplaceLineEndings("\n" + Indent);

    private string InLines(string text) =>
        text.Contains('\n', StringComparison.Ordinal) && !_whole.ContainsKey(text)
            ? string.Join('\n', text.Split('\n').Select(line => Of(line, depth: 0)))
            : Of(text, depth: 0);

    private string Of(string text, int depth)
    {
        if (text.Length == 0 || depth > 3 || text.StartsWith(Indent, StringComparison.Ordinal))
            return text;
        if (_whole.TryGetValue(text, out var whole))
            return whole;
        foreach (var pattern in _patterns)
        {
            if (pattern.Match(text) is { } values)
                return pattern.Fill(
                    Array.ConvertAll(values, value => IsSentence(value) ? Of(value, depth + 1) : value)
                );
        }

        return text;
    }

    // A value may be a sentence of ours; a name or a title, even one that reads like ours, is its owner's.
    private static bool IsSentence(string value) =>
        value.StartsWith(" (", StringComparison.Ordinal) || value.Count(c => c == ' ') >= 3;

    private static TeamTexts? Read(string language) =>
        TextsOf(language) is { } texts ? new TeamTexts(texts.Concat(OfRules(RuleTexts.For(language)))) : null;

    private static TeamTexts? ReadActs(string name) => TextsOf(name) is { } texts ? new TeamTexts(texts) : null;

    private static Dictionary<string, string>? TextsOf(string name)
    {
        using var stream = typeof(TeamTexts).Assembly.GetManifestResourceStream($"Team/{name}.json");
        return stream is null ? null : JsonSerializer.Deserialize<Dictionary<string, string>>(stream);
    }

    // What was found in a feed is kept in words by what watches it, and told in notices.
    private static IEnumerable<KeyValuePair<string, string>> OfRules(RuleTexts texts) =>
        RuleCatalogue.All.SelectMany(rule =>
        {
            var (message, fix) = texts.PatternsOf(rule);
            return new[] { KeyValuePair.Create(rule.Message, message), KeyValuePair.Create(rule.Fix, fix) };
        });

    [GeneratedRegex(@"\{(\d)\}")]
    private static partial Regex Place();

    /// <summary>A sentence with places for values, in both languages.</summary>
    private sealed record Pattern(Regex English, string Surely, string Translated)
    {
        public static Pattern Of(KeyValuePair<string, string> text)
        {
            var (expression, at) = (new StringBuilder("^"), 0);
            foreach (Match place in Place().Matches(text.Key))
            {
                expression
                    .Append(Regex.Escape(text.Key[at..place.Index]))
                    .Append("(?<p" + place.Groups[1].Value + ">.*?)");
                at = place.Index + place.Length;
            }

            expression.Append(Regex.Escape(text.Key[at..])).Append('$');
            return new Pattern(
                new Regex(
                    expression.ToString(),
                    RegexOptions.CultureInvariant | RegexOptions.Singleline | RegexOptions.ExplicitCapture,
                    TimeSpan.FromMilliseconds(100)
                ),
                Place().Split(text.Key).MaxBy(part => part.Length)!,
                text.Value
            );
        }

        public string[]? Match(string text)
        {
            // A board asks for hundreds of texts; looking for the longest part that stands still rules nearly all out.
            if (!text.Contains(Surely, StringComparison.Ordinal) || English.Match(text) is not { Success: true } match)
                return null;
            var groups = match.Groups.Values.Where(group => group.Name[0] == 'p').ToList();
            return
            [
                .. Enumerable
                    .Range(0, groups.Count == 0 ? 0 : groups.Max(NumberOf) + 1)
                    .Select(number => match.Groups[$"p{number}"].Value),
            ];
        }

        public string Fill(string[] values) =>
            Place()
                .Replace(Translated, place =>
                    int.Parse(place.Groups[1].Value, CultureInfo.InvariantCulture) is var number
                    && number < values.Length
                        ? values[number]
                        : place.Value
                );

        private static int NumberOf(Group group) => int.Parse(group.Name[1..], CultureInfo.InvariantCulture);
    }
}
