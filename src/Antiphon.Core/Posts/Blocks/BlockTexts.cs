namespace Antiphon.Core.Posts.Blocks;

/// <summary>Words around blocks, in the readers' language.</summary>
/// <param name="Contents">Heading of a table of contents.</param>
/// <param name="About">Before an author's name.</param>
/// <param name="Related">Heading of related posts.</param>
/// <param name="Notes">Heading of footnotes, for listeners.</param>
/// <param name="Back">Name of the way back from a footnote.</param>
public sealed record BlockTexts(string Contents, string About, string Related, string Notes, string Back)
{
    private static readonly BlockTexts English = new("Contents", "About", "Read on", "Notes", "Back to the text");
    private static readonly BlockTexts German = new("Inhalt", "Über", "Weiterlesen", "Anmerkungen", "Zurück zum Text");
    private static readonly BlockTexts French = new("Sommaire", "À propos de", "À lire aussi", "Notes", "Retour au texte");

    /// <summary>Texts for a language tag; English for languages not translated yet.</summary>
    public static BlockTexts For(string language) => language.Split('-')[0].ToLowerInvariant() switch
    {
        "de" => German,
        "fr" => French,
        _ => English,
    };
}
