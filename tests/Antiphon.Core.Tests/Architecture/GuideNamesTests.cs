using System.Text.Json;
using System.Text.RegularExpressions;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>
/// What the guide prints in bold or italics is a name from the screen, as the catalogues of the workplace or of readers
/// have it. Bold that ends with a full stop is a heading of the paragraph and free.
/// </summary>
public sealed partial class GuideNamesTests
{
    private static readonly string Root = Antiphon.Tests.Repository.Root;

    // Tables that are made from the code, and the glossary, which names what is not on a screen as well.
    private static readonly string[] Apart = ["feed-rules.md", "feed-conversion.md", "words.md"];

    public static TheoryData<string> Pages =>
        new(
            Directory
                .EnumerateFiles(Path.Combine(Root, "docs", "guide"), "*.md")
                .Select(file => Path.GetFileName(file)!)
                .Where(file => !Apart.Contains(file))
                .Select(file => Path.Combine("docs", "guide", file))
                .Append("README.md")
        );

    [Theory]
    [MemberData(nameof(Pages))]
    public void A_page_of_the_guide_names_things_as_the_screen_does(string page)
    {
        var text = Code().Replace(File.ReadAllText(Path.Combine(Root, page)), "");
        var names = Emphasis()
            .Matches(text)
            .Select(match => match.Groups[1].Success ? match.Groups[1].Value : match.Groups[2].Value)
            .Where(name => !name.EndsWith('.'))
            .SelectMany(name => name.Split(" › "))
            .Select(Plain)
            .Distinct();
        var said = Said.Value;
        Assert.Equal([], names.Where(name => !said.Contains(name)));
    }

    private static readonly Lazy<HashSet<string>> Said = new(() =>
    {
        var app = Path.Combine(Root, "src", "app", "src");
        var catalogues = Directory
            .EnumerateFiles(app, "en.ts", SearchOption.AllDirectories)
            .SelectMany(file => Entry().Matches(File.ReadAllText(file)))
            .Select(match => match.Groups[1].Value + match.Groups[2].Value);
        using var readers = JsonDocument.Parse(
            File.ReadAllText(Path.Combine(Root, "src", "Antiphon.Core", "Languages", "en.json"))
        );
        return [.. catalogues.Concat(Texts(readers.RootElement)).SelectMany(text => text.Split('·')).Select(Plain)];
    });

    private static IEnumerable<string> Texts(JsonElement part) =>
        part.ValueKind == JsonValueKind.Object
            ? part.EnumerateObject().SelectMany(property => Texts(property.Value))
            : [part.GetString() ?? ""];

    // Quotes, dots and colons at the end are the sentence's, not the name's.
    private static string Plain(string name) =>
        name.Replace("\\'", "'", StringComparison.Ordinal)
            .Replace('\'', '’')
            .Trim()
            .TrimEnd('.', '…', ':', '?', ' ')
            .ToLowerInvariant();

    [GeneratedRegex("```.*?```|`[^`]*`", RegexOptions.Singleline)]
    private static partial Regex Code();

    [GeneratedRegex(@"\*\*([^*\n]+)\*\*|(?<![*\w])\*([^*\n]+)\*(?!\*)")]
    private static partial Regex Emphasis();

    [GeneratedRegex("""^  \w+:\s*(?:'((?:[^'\\]|\\.)*)'|"((?:[^"\\]|\\.)*)"),""", RegexOptions.Multiline)]
    private static partial Regex Entry();
}
