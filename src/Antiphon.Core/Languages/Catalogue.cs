using System.Collections.Frozen;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Antiphon.Core.Languages;

/// <summary>The texts of one section of the language files, in every language. A text that is missing in a file, or not asked for, stops whoever reads it.</summary>
/// <typeparam name="T">A record with a text for each entry of the section: a string, a <see cref="Phrase"/> where it has places, a dictionary where it is chosen by a value.</typeparam>
public sealed class Catalogue<T>
    where T : class
{
    private readonly FrozenDictionary<string, T> _byLanguage;

    /// <summary>Reads the section.</summary>
    /// <param name="section">Its name in the files.</param>
    /// <exception cref="JsonException">A file lacks a text, or has one too many.</exception>
    public Catalogue(string section) =>
        _byLanguage = ReaderLanguage.All.ToFrozenDictionary(language => language, language => Read(language, section));

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public T For(string? tag) => _byLanguage[ReaderLanguage.Of(tag)];

    private static T Read(string language, string section)
    {
        using var file = typeof(ReaderLanguage).Assembly.GetManifestResourceStream($"Languages/{language}.json")!;
        using var texts = JsonDocument.Parse(file);
        return texts.RootElement.GetProperty(section).Deserialize<T>(Strictly(language))!;
    }

    private static JsonSerializerOptions Strictly(string language) =>
        new(JsonSerializerDefaults.Web)
        {
            UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
            RespectNullableAnnotations = true,
            RespectRequiredConstructorParameters = true,
            Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase), new PhraseConverter(language) },
        };

    private sealed class PhraseConverter(string language) : JsonConverter<Phrase>
    {
        public override Phrase Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            new(reader.GetString()!, language);

        public override void Write(Utf8JsonWriter writer, Phrase value, JsonSerializerOptions options) =>
            writer.WriteStringValue(value.Pattern);
    }
}
