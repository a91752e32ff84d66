using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Time;

namespace Antiphon.Core.Comments.Settings;

/// <summary>
/// Comment settings in one layer: a site, a blog, or a post or page. What is null is as the layer outside says.
/// </summary>
/// <param name="IsOn">Whether readers can comment.</param>
/// <param name="Approval">What waits for a person.</param>
/// <param name="PublishBelow">Where approval goes by score: hundredths below which a comment is published.</param>
/// <param name="SpamFrom">Hundredths of a score from which a comment is put aside; 100 for never, as no score reaches
/// it.</param>
/// <param name="NeedsMail">Whether writers must give a mail.</param>
/// <param name="Votes">How readers may vote.</param>
/// <param name="Order">Order readers see first.</param>
/// <param name="Depth">Levels of answers drawn as indents, 0 to 3.</param>
/// <param name="ReportsToWait">Reports that send a public comment back to Waiting; 0 for never.</param>
/// <param name="CloseAfterDays">Days after which a post takes no more comments; 0 for never.</param>
/// <param name="Message">What stands above the form; empty for nothing.</param>
public sealed record CommentSettings(
    bool? IsOn = null,
    Approval? Approval = null,
    int? PublishBelow = null,
    int? SpamFrom = null,
    bool? NeedsMail = null,
    VoteMode? Votes = null,
    CommentOrder? Order = null,
    int? Depth = null,
    int? ReportsToWait = null,
    int? CloseAfterDays = null,
    string? Message = null
)
{
    /// <summary>Most comments at the top level that are shown at first.</summary>
    public const int MostShownFirst = 200;

    /// <summary>Most reactions an owner may offer.</summary>
    public const int MostReactions = 8;

    private const int MostWords = 500;
    private const int LongestWord = 200;
    private const int LongestText = 2000;

    /// <summary>Time on the site's clocks from which no more comments are taken; empty for never.</summary>
    public string? CloseAt { get; init; }

    /// <summary>What readers are told where comments are closed; empty for a general word.</summary>
    public string? ClosedReason { get; init; }

    /// <summary>
    /// Words and phrases that let a comment wait; "*" stands for any letters. A rule of the site says the same and
    /// more; kept for programs that write it here.
    /// </summary>
    public IReadOnlyList<string>? HeldWords { get; init; }

    /// <summary>Words and phrases with which a comment is not taken; kept as <see cref="HeldWords"/> is.</summary>
    public IReadOnlyList<string>? RefusedWords { get; init; }

    /// <summary>What the community asks of writers, below the form's message; empty for nothing.</summary>
    public string? HouseRules { get; init; }

    /// <summary>Emojis readers may react with; none for no reactions.</summary>
    public IReadOnlyList<string>? Reactions { get; init; }

    /// <summary>Whether the form asks for a rating of 1 to 5.</summary>
    public bool? AsksRating { get; init; }

    /// <summary>Minutes in which a writer may change a comment on the device it was written on; 0 for never.</summary>
    public int? EditMinutes { get; init; }

    /// <summary>Comments at the top level shown at first, 5 to 200.</summary>
    public int? ShownFirst { get; init; }

    /// <summary>Who may write.</summary>
    public CommentWriters? Writers { get; init; }

    /// <summary>Mails of those who may write where only named readers do.</summary>
    public IReadOnlyList<string>? NamedReaders { get; init; }

    /// <summary>Whether the name may stay empty.</summary>
    public bool? AllowsAnonymous { get; init; }

    /// <summary>Language of what we say around the comments; empty for the site's.</summary>
    public string? Language { get; init; }

    /// <summary>
    /// Whether a picture may be sent with a comment; one that has a picture waits unless its writer is trusted.
    /// </summary>
    public bool? AllowsPictures { get; init; }

    /// <summary>Whether writers' initials, or the picture of an author, stand beside comments.</summary>
    public bool? ShowsFaces { get; init; }

    /// <summary>Whether what other sites write about a post is taken into its thread.</summary>
    public bool? TakesMentions { get; init; }

    /// <summary>
    /// Whether the site's filter begins with what the other sites of the installation that say so too have decided;
    /// looked at in the layer of a site alone.
    /// </summary>
    public bool? SharesLearning { get; init; }

    /// <summary>A layer that says nothing.</summary>
    public static CommentSettings None { get; } = new();

    /// <summary>What holds where no layer says anything.</summary>
    public static CommentSettings Usual { get; } =
        new(
            true,
            Settings.Approval.All,
            10,
            98,
            false,
            VoteMode.Up,
            CommentOrder.Oldest,
            ThreadTree.MaxDepth,
            3,
            0,
            string.Empty
        )
        {
            CloseAt = string.Empty,
            ClosedReason = string.Empty,
            HeldWords = [],
            RefusedWords = [],
            HouseRules = string.Empty,
            Reactions = [],
            AsksRating = false,
            EditMinutes = 10,
            ShownFirst = 50,
            Writers = CommentWriters.Guests,
            NamedReaders = [],
            AllowsAnonymous = false,
            Language = string.Empty,
            AllowsPictures = false,
            ShowsFaces = true,
            TakesMentions = true,
            SharesLearning = false,
        };

    /// <summary>This layer laid over one outside it.</summary>
    public CommentSettings Over(CommentSettings outer) =>
        new(
            IsOn ?? outer.IsOn,
            Approval ?? outer.Approval,
            PublishBelow ?? outer.PublishBelow,
            SpamFrom ?? outer.SpamFrom,
            NeedsMail ?? outer.NeedsMail,
            Votes ?? outer.Votes,
            Order ?? outer.Order,
            Depth ?? outer.Depth,
            ReportsToWait ?? outer.ReportsToWait,
            CloseAfterDays ?? outer.CloseAfterDays,
            Message ?? outer.Message
        )
        {
            CloseAt = CloseAt ?? outer.CloseAt,
            ClosedReason = ClosedReason ?? outer.ClosedReason,
            HeldWords = HeldWords ?? outer.HeldWords,
            RefusedWords = RefusedWords ?? outer.RefusedWords,
            HouseRules = HouseRules ?? outer.HouseRules,
            Reactions = Reactions ?? outer.Reactions,
            AsksRating = AsksRating ?? outer.AsksRating,
            EditMinutes = EditMinutes ?? outer.EditMinutes,
            ShownFirst = ShownFirst ?? outer.ShownFirst,
            Writers = Writers ?? outer.Writers,
            NamedReaders = NamedReaders ?? outer.NamedReaders,
            AllowsAnonymous = AllowsAnonymous ?? outer.AllowsAnonymous,
            Language = Language ?? outer.Language,
            AllowsPictures = AllowsPictures ?? outer.AllowsPictures,
            ShowsFaces = ShowsFaces ?? outer.ShowsFaces,
            TakesMentions = TakesMentions ?? outer.TakesMentions,
            SharesLearning = SharesLearning ?? outer.SharesLearning,
        };

    /// <summary>
    /// What lies where it may not: the name of the setting as interfaces spell it and the remedy; null when everything
    /// does.
    /// </summary>
    public (string Setting, string Remedy)? Problem() =>
        PublishBelow is < 0 or > 100 ? ("publishBelow", "Enter a number from 0 to 100.")
        : SpamFrom is < 1 or > 100 ? ("spamFrom", "Enter a number from 1 to 100.")
        : Depth is < 0 or > ThreadTree.MaxDepth ? ("depth", $"Enter 0 to {ThreadTree.MaxDepth} levels.")
        : ReportsToWait is < 0 or > 1000 ? ("reportsToWait", "Enter a number from 0 to 1,000.")
        : CloseAfterDays is < 0 or > 3650 ? ("closeAfterDays", "Enter a number of days up to 3,650.")
        : EditMinutes is < 0 or > 1440 ? ("editMinutes", "Enter a number of minutes up to 1,440.")
        : ShownFirst is < 5 or > MostShownFirst ? ("shownFirst", $"Show 5 to {MostShownFirst} comments at first.")
        : CloseAt is { Length: > 0 } && WallTime.Read(CloseAt, "Etc/UTC") is null
            ? ("closeAt", "Enter a date and a time, such as 2027-03-28T18:00.")
        : Message?.Length > LongestText ? ("message", "Use at most 2,000 characters.")
        : HouseRules?.Length > LongestText ? ("houseRules", "Keep them under 2,000 characters.")
        : ClosedReason?.Length > LongestText ? ("closedReason", "Use at most 2,000 characters.")
        : Words("heldWords", HeldWords)
            ?? Words("refusedWords", RefusedWords)
            ?? Words("namedReaders", NamedReaders)
            ?? (
                Reactions?.Count > MostReactions ? ("reactions", $"Offer at most {MostReactions} reactions.")
                : Reactions?.Any(sign => sign.Length is 0 or > 16) == true
                    ? ("reactions", "Each reaction is one emoji.")
                : null
            );

    private static (string Setting, string Remedy)? Words(string setting, IReadOnlyList<string>? words) =>
        words?.Count > MostWords || words?.Any(word => word.Length > LongestWord) == true
            ? (setting, $"Use at most {MostWords} lines of {LongestWord} characters.")
            : null;
}
