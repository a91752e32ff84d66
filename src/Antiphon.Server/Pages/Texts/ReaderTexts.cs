using Antiphon.Core.Languages;
using Antiphon.Core.Mentions;

namespace Antiphon.Server.Pages.Texts;

/// <summary>What readers are offered and told beyond reading and writing a comment, in the site's language.</summary>
internal sealed class ReaderTexts
{
    /// <summary>Opens the next part.</summary>
    public required string More { get; init; }

    /// <summary>Opens the other answers: how many.</summary>
    public required Phrase MoreAnswers { get; init; }

    /// <summary>Leads back to the start.</summary>
    public required string FromStart { get; init; }

    /// <summary>In place of a comment that is not shown.</summary>
    public required string Gone { get; init; }

    /// <summary>Mark of a changed comment.</summary>
    public required string Edited { get; init; }

    /// <summary>Mark of a comment the team changed.</summary>
    public required string EditedByTeam { get; init; }

    /// <summary>Before the name of who is answered, where levels end.</summary>
    public required string InAnswerTo { get; init; }

    /// <summary>Label of what one is told of.</summary>
    public required string Follow { get; init; }

    /// <summary>Choice.</summary>
    public required string FollowNothing { get; init; }

    /// <summary>Choice.</summary>
    public required string FollowAnswers { get; init; }

    /// <summary>Choice.</summary>
    public required string FollowAll { get; init; }

    /// <summary>Asked to be told, but no mail.</summary>
    public required string MailForFollowing { get; init; }

    /// <summary>After a comment that needs its mail confirmed.</summary>
    public required string Confirming { get; init; }

    /// <summary>Label of the rating.</summary>
    public required string Rating { get; init; }

    /// <summary>A rating: number.</summary>
    public required Phrase RatingGiven { get; init; }

    /// <summary>All ratings: average, number in words.</summary>
    public required Phrase RatingAll { get; init; }

    /// <summary>No rating was given where one is asked for.</summary>
    public required string RatingMissing { get; init; }

    /// <summary>Button.</summary>
    public required string Emoji { get; init; }

    /// <summary>Button.</summary>
    public required string Preview { get; init; }

    /// <summary>Characters left: number.</summary>
    public required string Left { get; init; }

    /// <summary>Button.</summary>
    public required string Edit { get; init; }

    /// <summary>Button.</summary>
    public required string Withdraw { get; init; }

    /// <summary>Asked before it is taken back.</summary>
    public required string WithdrawSure { get; init; }

    /// <summary>Button.</summary>
    public required string Save { get; init; }

    /// <summary>A change that comes too late.</summary>
    public required string TooLate { get; init; }

    /// <summary>After it was taken back.</summary>
    public required string Withdrawn { get; init; }

    /// <summary>Link to what the reader wrote.</summary>
    public required string Mine { get; init; }

    /// <summary>Comments that came while reading: number.</summary>
    public required string New { get; init; }

    /// <summary>Heading of the community's rules.</summary>
    public required string HouseRules { get; init; }

    /// <summary>Label before the emoji.</summary>
    public required string React { get; init; }

    /// <summary>Name of those who give none.</summary>
    public required string Anonymous { get; init; }

    /// <summary>Refusal.</summary>
    public required string ForSubscribers { get; init; }

    /// <summary>Refusal.</summary>
    public required string ForNamed { get; init; }

    /// <summary>Label of the picture.</summary>
    public required string Picture { get; init; }

    /// <summary>Beside it.</summary>
    public required string PictureHint { get; init; }

    /// <summary>Label of the words about it.</summary>
    public required string PictureAlt { get; init; }

    /// <summary>A file that is not taken.</summary>
    public required string PictureWrong { get; init; }

    /// <summary>Before the page of another site, by what it does.</summary>
    public required IReadOnlyDictionary<MentionKind, string> Mentions { get; init; }

    /// <summary>Beside the name where it may stay empty.</summary>
    public required string NameHint { get; init; }

    private static readonly Catalogue<ReaderTexts> All = new("reader");

    /// <summary>The texts for a language tag; English for a language without texts.</summary>
    public static ReaderTexts For(string? language) => All.For(language);
}
