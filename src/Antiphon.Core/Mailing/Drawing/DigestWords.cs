using Antiphon.Core.Languages;

namespace Antiphon.Core.Mailing.Drawing;

/// <summary>What a digest says beside its posts, in the site's language.</summary>
/// <param name="ReadOn">Link below a short text.</param>
/// <param name="Answer">Link below a whole text.</param>
/// <param name="AlsoNew">Above the posts that stand as titles.</param>
/// <param name="Why">Why the mail came.</param>
/// <param name="Choose">Link to what the subscriber gets.</param>
/// <param name="Stop">Link that ends the mails.</param>
public sealed record DigestWords(string ReadOn, Phrase Answer, string AlsoNew, Phrase Why, string Choose, string Stop)
{
    private static readonly Catalogue<DigestWords> All = new("digest");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static DigestWords For(string? language) => All.For(language);
}
