using System.Globalization;

namespace Antiphon.Core.Feeds.Aloud;

/// <summary>What a program that reads aloud announces, in one language.</summary>
/// <param name="Culture">In which dates and numbers are said.</param>
/// <param name="Date">Form of a date.</param>
/// <param name="Untitled">In place of a title that is missing.</param>
/// <param name="From">Before the name of the feed, with a place for it.</param>
/// <param name="By">Before the name of the author, with a place for it.</param>
/// <param name="Picture">Before the description of a picture.</param>
/// <param name="Silent">In place of the description of a picture that has none.</param>
/// <param name="Link">Before a link.</param>
/// <param name="Heading">Before a heading.</param>
/// <param name="Quote">Before a quotation.</param>
/// <param name="List">Before a list, with a place for the number of its entries.</param>
/// <param name="Attached">Before the kind of an attached file, with a place for it.</param>
/// <param name="File">An attached file of no known kind.</param>
public sealed record SpokenWords(
    CultureInfo Culture,
    string Date,
    string Untitled,
    string From,
    string By,
    string Picture,
    string Silent,
    string Link,
    string Heading,
    string Quote,
    string List,
    string Attached,
    string File
)
{
    /// <summary>English.</summary>
    public static SpokenWords English { get; } =
        new(
            CultureInfo.GetCultureInfo("en-GB"),
            "d MMMM yyyy",
            "An entry without a title",
            "From {0}",
            "by {0}",
            "Picture:",
            "A picture without words",
            "link:",
            "Heading:",
            "Quote:",
            "List of {0}",
            "Attached: {0}",
            "a file"
        );

    /// <summary>German.</summary>
    public static SpokenWords German { get; } =
        new(
            CultureInfo.GetCultureInfo("de-DE"),
            "d. MMMM yyyy",
            "Ein Eintrag ohne Titel",
            "Aus {0}",
            "von {0}",
            "Bild:",
            "Ein Bild ohne Beschreibung",
            "Link:",
            "Überschrift:",
            "Zitat:",
            "Liste ({0})",
            "Angehängt: {0}",
            "eine Datei"
        );

    /// <summary>The words of a language; English where there are none.</summary>
    /// <param name="language">Primary language subtag, such as "de".</param>
    public static SpokenWords For(string language) => language == "de" ? German : English;

    /// <summary>An announcement with its place filled.</summary>
    internal string Say(string pattern, object value) => string.Format(Culture, pattern, value);
}
