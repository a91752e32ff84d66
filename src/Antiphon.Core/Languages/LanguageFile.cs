using System.Collections.Frozen;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Antiphon.Core.Languages;

/// <summary>The file of a language, read when somebody first speaks it.</summary>
internal sealed class LanguageFile : IDisposable
{
    private static readonly FrozenDictionary<string, Lazy<LanguageFile>> All = ReaderLanguage.All.ToFrozenDictionary(
        language => language,
        language => new Lazy<LanguageFile>(() => new LanguageFile(language))
    );

    private readonly JsonDocument _texts;
    private readonly JsonSerializerOptions _strictly;

    private LanguageFile(string language)
    {
        using var file = typeof(LanguageFile).Assembly.GetManifestResourceStream($"Languages/{language}.json")!;
        _texts = JsonDocument.Parse(file);
        _strictly = new JsonSerializerOptions(JsonSerializerDefaults.Web)
        {
            UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
            RespectNullableAnnotations = true,
            RespectRequiredConstructorParameters = true,
            Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase), new PhraseConverter(language) },
        };
    }

    /// <summary>The file of one of <see cref="ReaderLanguage.All"/>.</summary>
    public static LanguageFile Of(string language) => All[language].Value;

    /// <summary>A section as a record with a text for each of its entries.</summary>
    /// <exception cref="JsonException">The file lacks a text of the record, or has one too many.</exception>
    public T Section<T>(string name) => _texts.RootElement.GetProperty(name).Deserialize<T>(_strictly)!;

    /// <inheritdoc/>
    public void Dispose() => _texts.Dispose();

    private sealed class PhraseConverter(string language) : JsonConverter<Phrase>
    {
        public override Phrase Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            new(reader.GetString()!, language);

        public override void Write(Utf8JsonWriter writer, Phrase value, JsonSerializerOptions options) =>
            writer.WriteStringValue(value.Pattern);
    }
}
