using System.Text.RegularExpressions;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>What the workplace says a word means, beside the word, is what the guide says.</summary>
public sealed partial class HelpWordsTests
{
    [Fact]
    public void A_word_is_explained_in_the_words_of_the_guide()
    {
        var guide = Rows()
            .Matches(File.ReadAllText(PathOf("docs", "guide", "words.md")))
            .DistinctBy(row => row.Groups[1].Value)
            .ToDictionary(row => Plain(row.Groups[1].Value), row => Plain(row.Groups[2].Value));
        var texts = Entries()
            .Matches(File.ReadAllText(PathOf("src", "app", "src", "shared", "texts", "en.ts")))
            .ToDictionary(entry => entry.Groups[1].Value, entry => Plain(entry.Groups[2].Value));
        var terms = texts
            .Keys.Where(key => key.EndsWith("Term", StringComparison.Ordinal))
            .Select(key => key[..^"Term".Length])
            .ToList();
        Assert.True(terms.Count > 9, $"{terms.Count} words are explained");
        Assert.All(terms, key =>
        {
            var (term, means) = (texts[key + "Term"], texts[key + "Means"]);
            Assert.True(guide.ContainsKey(term), $"The guide does not explain {term}");
            Assert.Equal(guide[term] + ".", char.ToLowerInvariant(means[0]) + means[1..]);
        });
    }

    private static string PathOf(params string[] parts) => Path.Combine([Antiphon.Tests.Repository.Root, .. parts]);

    private static string Plain(string text) => text.Trim().Replace('’', '\'');

    [GeneratedRegex(@"^\| ([^|]+) \| ([^|]+) \|$", RegexOptions.Multiline)]
    private static partial Regex Rows();

    [GeneratedRegex(@"^  (\w+):\s*['""](.*)['""],$", RegexOptions.Multiline)]
    private static partial Regex Entries();
}
