using System.Text.Json;
using Antiphon.Core.Languages;

namespace Antiphon.Core.Tests.Languages;

/// <summary>
/// Every language says everything: a text for each of English, with the same places, in all the forms its plurals need.
/// </summary>
public sealed class ReaderLanguageTests
{
    private static readonly Dictionary<string, string[]> Forms = new()
    {
        ["pl"] = ["one", "few", "many", "other"],
        ["ar"] = ["zero", "one", "two", "few", "many", "other"],
        ["he"] = ["one", "two", "other"],
    };

    public static TheoryData<string> Languages => [.. ReaderLanguage.All];

    [Theory]
    [MemberData(nameof(Languages))]
    public void A_language_has_every_text_with_its_places(string language)
    {
        var (english, texts) = (Texts("en"), Texts(language));
        Assert.Equal(english.Keys.Order(StringComparer.Ordinal), texts.Keys.Order(StringComparer.Ordinal));
        foreach (var (name, text) in texts)
        {
            Assert.False(string.IsNullOrWhiteSpace(text), name);
            Assert.Equal((name, Places(english[name])), (name, Places(text)));
        }
    }

    [Theory]
    [MemberData(nameof(Languages))]
    public void Plurals_have_the_forms_of_their_language(string language)
    {
        foreach (var (name, text) in Texts(language))
        {
            if (!text.Contains(", plural,", StringComparison.Ordinal))
                continue;
            foreach (var form in Forms.GetValueOrDefault(language, ["one", "other"]))
                Assert.True(text.Contains($"{form} {{", StringComparison.Ordinal), $"{name} lacks {form}");
        }
    }

    // Fragments are written without encoding what is ours, and a quoting mark of a keyboard would end an attribute.
    [Theory]
    [MemberData(nameof(Languages))]
    public void No_text_has_a_sign_that_means_something_in_HTML(string language) =>
        Assert.All(Texts(language), text =>
            Assert.True(text.Value.IndexOfAny(['<', '>', '&', '"', '\'']) < 0, text.Key)
        );

    // Untranslated: the same words in English and here, but for words that are the same.
    [Theory]
    [MemberData(nameof(Languages))]
    public void A_language_is_its_own(string language)
    {
        if (language == "en")
            return;
        var english = Texts("en");
        var same = Texts(language)
            .Where(text => text.Value.Length > 12 && english[text.Key] == text.Value)
            .Select(text => text.Key);
        Assert.Empty(same);
    }

    [Theory]
    [InlineData("de-CH", "de")]
    [InlineData("PT-BR", "pt")]
    [InlineData("he", "he")]
    [InlineData("fi-FI", "en")]
    [InlineData("", "en")]
    [InlineData(null, "en")]
    public void A_tag_leads_to_its_language_or_to_English(string? tag, string language) =>
        Assert.Equal(language, ReaderLanguage.Of(tag));

    [Theory]
    [InlineData("ar-EG", "rtl")]
    [InlineData("he", "rtl")]
    [InlineData("de", "ltr")]
    [InlineData("no language!", "ltr")]
    [InlineData(null, "ltr")]
    public void A_language_is_written_in_its_direction(string? tag, string direction) =>
        Assert.Equal(direction, ReaderLanguage.DirectionOf(tag));

    private static string Places(string text) =>
        text.Contains("{0}", StringComparison.Ordinal)
            ? "0"
            : string.Join(' ', new Phrase(text, "en").Places.Order(StringComparer.Ordinal));

    private static Dictionary<string, string> Texts(string language)
    {
        using var file = typeof(ReaderLanguage).Assembly.GetManifestResourceStream($"Languages/{language}.json")!;
        using var texts = JsonDocument.Parse(file);
        var found = new Dictionary<string, string>();
        Collect(texts.RootElement, string.Empty, found);
        return found;
    }

    private static void Collect(JsonElement element, string path, Dictionary<string, string> found)
    {
        foreach (var entry in element.EnumerateObject())
        {
            if (entry.Value.ValueKind == JsonValueKind.Object)
                Collect(entry.Value, $"{path}{entry.Name}.", found);
            else
                found[path + entry.Name] = entry.Value.GetString()!;
        }
    }
}
