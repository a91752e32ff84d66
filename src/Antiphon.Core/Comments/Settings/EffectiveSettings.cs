using System.Globalization;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Time;

namespace Antiphon.Core.Comments.Settings;

/// <summary>
/// What holds for a thread once the layers are laid over each other; each value means what it means in
/// <see cref="CommentSettings"/>.
/// </summary>
public sealed record EffectiveSettings(
    bool IsOn,
    Approval Approval,
    int PublishBelow,
    int SpamFrom,
    bool NeedsMail,
    VoteMode Votes,
    CommentOrder Order,
    int Depth,
    int ReportsToWait,
    int CloseAfterDays,
    string Message
)
{
    /// <summary>When it closes, on the site's clocks; empty for never.</summary>
    public required string CloseAt { get; init; }

    /// <summary>What readers are told where it is closed.</summary>
    public required string ClosedReason { get; init; }

    /// <summary>Words that let a comment wait.</summary>
    public required IReadOnlyList<string> HeldWords { get; init; }

    /// <summary>Words with which a comment is not taken.</summary>
    public required IReadOnlyList<string> RefusedWords { get; init; }

    /// <summary>What the community asks of writers.</summary>
    public required string HouseRules { get; init; }

    /// <summary>Emojis readers may react with.</summary>
    public required IReadOnlyList<string> Reactions { get; init; }

    /// <summary>Whether the form asks for a rating.</summary>
    public required bool AsksRating { get; init; }

    /// <summary>Minutes in which a writer may change a comment.</summary>
    public required int EditMinutes { get; init; }

    /// <summary>Comments at the top level shown at first.</summary>
    public required int ShownFirst { get; init; }

    /// <summary>Who may write.</summary>
    public required CommentWriters Writers { get; init; }

    /// <summary>Mails of those who may write where only named readers do.</summary>
    public required IReadOnlyList<string> NamedReaders { get; init; }

    /// <summary>Whether the name may stay empty.</summary>
    public required bool AllowsAnonymous { get; init; }

    /// <summary>Whether a picture may be sent with a comment.</summary>
    public required bool AllowsPictures { get; init; }

    /// <summary>Whether writers' initials, or the picture of an author, stand beside comments.</summary>
    public required bool ShowsFaces { get; init; }

    /// <summary>Whether what other sites write about a post is taken into its thread.</summary>
    public required bool TakesMentions { get; init; }

    /// <summary>Language of what we say; empty for the site's.</summary>
    public required string Language { get; init; }

    /// <summary>Whether a mail has to be given, because the owner wants one or because it is to be confirmed.</summary>
    public bool AsksMail =>
        NeedsMail || Writers is CommentWriters.Confirmed or CommentWriters.Subscribers or CommentWriters.Named;

    /// <summary>Lays layers over each other.</summary>
    /// <param name="layers">From the outermost, the site, to the innermost, the post.</param>
    public static EffectiveSettings Of(params ReadOnlySpan<CommentSettings> layers)
    {
        var all = CommentSettings.Usual;
        foreach (var layer in layers)
            all = layer.Over(all);
        return new EffectiveSettings(
            all.IsOn!.Value,
            all.Approval!.Value,
            all.PublishBelow!.Value,
            all.SpamFrom!.Value,
            all.NeedsMail!.Value,
            all.Votes!.Value,
            all.Order!.Value,
            all.Depth!.Value,
            all.ReportsToWait!.Value,
            all.CloseAfterDays!.Value,
            all.Message!
        )
        {
            CloseAt = all.CloseAt!,
            ClosedReason = all.ClosedReason!,
            HeldWords = all.HeldWords!,
            RefusedWords = all.RefusedWords!,
            HouseRules = all.HouseRules!,
            Reactions = all.Reactions!,
            AsksRating = all.AsksRating!.Value,
            EditMinutes = all.EditMinutes!.Value,
            ShownFirst = all.ShownFirst!.Value,
            Writers = all.Writers!.Value,
            NamedReaders = all.NamedReaders!,
            AllowsAnonymous = all.AllowsAnonymous!.Value,
            AllowsPictures = all.AllowsPictures!.Value,
            ShowsFaces = all.ShowsFaces!.Value,
            TakesMentions = all.TakesMentions!.Value,
            Language = all.Language!,
        };
    }

    /// <summary>Whether comments are taken at a moment.</summary>
    /// <param name="until">Until when comments are taken on the post the thread is about, where that is said; null for
    /// no end.</param>
    /// <param name="published">When the post was published.</param>
    /// <param name="timeZone">IANA zone of the site.</param>
    /// <param name="now">The moment.</param>
    public bool IsOpen(DateTimeOffset? until, DateTimeOffset? published, string timeZone, DateTimeOffset now) =>
        IsOn
        && Writers != CommentWriters.Team
        && !(until <= now)
        && !(WallTime.Read(CloseAt, timeZone)?.Instant <= now)
        && !(published is { } then && ClosesAt(then, timeZone) <= now);

    /// <summary>
    /// When a post that was published then takes no more comments, or null for never. Days are days of the site's
    /// clocks: on the last of them it is open until the hour it was published.
    /// </summary>
    public DateTimeOffset? ClosesAt(DateTimeOffset published, string timeZone)
    {
        if (CloseAfterDays == 0 || !TimeZoneInfo.TryFindSystemTimeZoneById(timeZone, out var zone))
            return null;
        var local = TimeZoneInfo.ConvertTime(published, zone).DateTime.AddDays(CloseAfterDays);
        return WallTime.Read(local.ToString(WallTime.Format, CultureInfo.InvariantCulture), timeZone)!.Instant;
    }
}
