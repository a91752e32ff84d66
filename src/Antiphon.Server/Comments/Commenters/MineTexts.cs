using Antiphon.Core.Languages;

namespace Antiphon.Server.Comments.Commenters;

/// <summary>Words of the pages on which readers see to what they wrote, in the site's language.</summary>
/// <param name="Title">Heading.</param>
/// <param name="Explained">What the page does.</param>
/// <param name="SendLink">Button.</param>
/// <param name="SentTitle">Heading once the link was asked for.</param>
/// <param name="Sent">The same in a sentence that tells nobody who wrote.</param>
/// <param name="Confirm">Button that holds the address for the reader's.</param>
/// <param name="Confirmed">After it.</param>
/// <param name="EraseAll">What opens the question.</param>
/// <param name="EraseSure">Button that means it.</param>
/// <param name="Erase">Button at one comment.</param>
/// <param name="Erased">After it: number.</param>
/// <param name="StopAll">Button that ends all mails about conversations.</param>
/// <param name="Take">Link to everything as a file.</param>
/// <param name="NotPublic">Mark of what others do not see.</param>
/// <param name="StopTitle">Heading of the page that ends the mails about one conversation.</param>
/// <param name="Stop">Button.</param>
/// <param name="Stopped">After it.</param>
internal sealed record MineTexts(
    string Title,
    string Explained,
    string SendLink,
    string SentTitle,
    string Sent,
    string Confirm,
    string Confirmed,
    string EraseAll,
    string EraseSure,
    string Erase,
    Phrase Erased,
    string StopAll,
    string Take,
    string NotPublic,
    string StopTitle,
    string Stop,
    string Stopped,
    string UnknownTitle,
    string Unknown
)
{
    private static readonly Catalogue<MineTexts> All = new("mine");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static MineTexts For(string? language) => All.For(language);
}
