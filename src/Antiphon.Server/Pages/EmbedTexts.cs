using Antiphon.Core.Languages;

namespace Antiphon.Server.Pages;

/// <summary>What we say in other people's pages, in the site's language.</summary>
internal sealed record EmbedTexts(
    string Comments,
    string NoComments,
    string WriteOne,
    string Name,
    string Mail,
    string MailHint,
    string Comment,
    string Send,
    string Waits,
    string Team,
    string NothingYet,
    string BackToPage,
    string NameMissing,
    string CommentMissing,
    string MailWrong,
    string TooLong,
    string Closed,
    string PassOn,
    string ByMail,
    string CopyAddress,
    string Copied,
    string Elsewhere,
    string Trap
)
{
    private static readonly Catalogue<EmbedTexts> All = new("embed");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static EmbedTexts For(string? language) => All.For(language);
}
