using System.Collections.Frozen;
using System.Text.Json;

namespace Antiphon.Core.Languages;

/// <summary>
/// The texts of one section of the language files. A text that is missing in a file, or not asked for, stops whoever
/// reads it.
/// </summary>
/// <typeparam name="T">A record with a text for each entry of the section: a string, a <see cref="Phrase"/> where it
/// has places, a dictionary where it is chosen by a value.</typeparam>
/// <param name="section">Name of the section in the files.</param>
public sealed class Catalogue<T>(string section)
    where T : class
{
    private readonly FrozenDictionary<string, Lazy<T>> _byLanguage = ReaderLanguage.All.ToFrozenDictionary(
        language => language,
        language => new Lazy<T>(() => LanguageFile.Of(language).Section<T>(section))
    );

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    /// <exception cref="JsonException">The file of the language lacks a text, or has one too many.</exception>
    public T For(string? tag) => _byLanguage[ReaderLanguage.Of(tag)].Value;
}
