using Antiphon.Core.Languages;

namespace Antiphon.Server.Comments.Following;

/// <summary>What mails to readers say, in the site's language.</summary>
/// <param name="Said">Somebody wrote: name, title.</param>
/// <param name="Answered">Somebody answered the reader: name, title.</param>
/// <param name="Published">The reader's comment is public: name, title.</param>
/// <param name="Stop">Above the link that ends these mails.</param>
/// <param name="ConfirmSubject">Asks for the mail to be confirmed: name of the site.</param>
/// <param name="Confirm">The same with what it does: name of the site.</param>
/// <param name="Mine">Above the link to what the reader wrote: name of the site.</param>
internal sealed record CommenterMailTexts(
    Phrase Said,
    Phrase Answered,
    Phrase Published,
    string Stop,
    Phrase ConfirmSubject,
    Phrase Confirm,
    Phrase Mine
)
{
    private static readonly Catalogue<CommenterMailTexts> All = new("commenterMails");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static CommenterMailTexts For(string? language) => All.For(language);
}
