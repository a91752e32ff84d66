using Antiphon.Core.Languages;

namespace Antiphon.Server.Pages.Texts;

/// <summary>
/// What pages of ours say to readers who follow an address that leads nowhere, or who tell us of a link by hand.
/// </summary>
internal sealed record PageTexts(
    string Missing,
    string MissingText,
    string PreviewOver,
    string PreviewOverText,
    string Withdrawn,
    string WithdrawnText,
    string ListingGone,
    string ListingGoneText,
    string LinkUnknown,
    string Mention,
    Phrase MentionText,
    string MentionSource,
    string MentionTarget,
    string MentionSend,
    string MentionFound,
    string MentionFoundText,
    string MentionUnread,
    string MentionUnreadText,
    string MentionRetried,
    string MentionRetriedText,
    string MentionRefused,
    string MentionRefusedText
)
{
    private static readonly Catalogue<PageTexts> All = new("pages");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static PageTexts For(string? language) => All.For(language);
}
