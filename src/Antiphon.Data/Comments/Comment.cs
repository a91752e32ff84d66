using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Data.Mentions;
using Antiphon.Data.Pictures;

namespace Antiphon.Data.Comments;

/// <summary>What a reader or a colleague wrote in a thread.</summary>
public sealed class Comment
{
    /// <summary>Identifies the comment in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in its permanent link.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Id of the site the comment belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the thread of the comment.</summary>
    public long ThreadId { get; set; }

    /// <summary>The thread of the comment, when it is read with it.</summary>
    public CommentThread Thread { get; set; } = null!;

    /// <summary>What it answers.</summary>
    public long? ParentId { get; set; }

    /// <summary>Name given.</summary>
    public string Author { get; set; } = string.Empty;

    /// <summary>Mail given; never leaves the server.</summary>
    public string? Mail { get; set; }

    /// <summary>Written by somebody of the team.</summary>
    public bool IsTeam { get; set; }

    /// <summary>As typed.</summary>
    public string Text { get; set; } = string.Empty;

    /// <summary>As shown.</summary>
    public string Html { get; set; } = string.Empty;

    /// <summary>Whether readers see the comment, and if not, why.</summary>
    public CommentStanding Standing { get; set; }

    /// <summary>Why it waited; null for answers of the team.</summary>
    public WaitReason? WaitReason { get; set; }

    /// <summary>
    /// Why it was sent where it was sent; null for answers of the team and for what came before traces were kept.
    /// </summary>
    public CommentTrace? Trace { get; set; }

    /// <summary>Keyed hash of its text, to tell the same text again.</summary>
    public string? TextKey { get; set; }

    /// <summary>Keyed hash of the network address it came from; dropped after thirty days.</summary>
    public string? PlaceKey { get; set; }

    /// <summary>Keyed hash of the network that address belongs to; dropped after thirty days.</summary>
    public string? NetworkKey { get; set; }

    /// <summary>
    /// Keyed hash of what the writer's device calls itself, by which it may change or withdraw the comment; null
    /// without script.
    /// </summary>
    public string? OwnerKey { get; set; }

    /// <summary>Comment at the top level that it stands below; null when it stands there itself.</summary>
    public long? RootId { get; set; }

    /// <summary>Public comments below it at any depth, for comments at the top level; kept by triggers.</summary>
    public int Answers { get; private set; }

    /// <summary>
    /// Whether it takes room in the thread: it is public, or something public stands below it. Computed by the
    /// database.
    /// </summary>
    public bool IsShown { get; private set; }

    /// <summary>Lower bound of the Wilson interval of its votes, kept with them.</summary>
    public double Best { get; set; }

    /// <summary>From 1 to 5, where the thread asks for a rating; else null.</summary>
    public int? Rating { get; set; }

    /// <summary>Reactions by emoji.</summary>
    public Dictionary<string, int> Reactions { get; set; } = [];

    /// <summary>When its text was changed after it was sent.</summary>
    public DateTimeOffset? EditedAt { get; set; }

    /// <summary>Whether the team changed the text last, not its writer.</summary>
    public bool IsEditedByTeam { get; set; }

    /// <summary>The colleague who shall see to it, or null.</summary>
    public long? AssignedToId { get; set; }

    /// <summary>Whether the writer's mail was confirmed by a link.</summary>
    public bool IsConfirmed { get; set; }

    /// <summary>Votes up.</summary>
    public int Up { get; set; }

    /// <summary>Votes down.</summary>
    public int Down { get; set; }

    /// <summary>Readers who reported it.</summary>
    public int Reports { get; set; }

    /// <summary>Reports it had when a person last kept it; they count no more.</summary>
    public int ReportsKept { get; set; }

    /// <summary>When it was written.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When somebody decided.</summary>
    public DateTimeOffset? DecidedAt { get; set; }

    /// <summary>Who decided.</summary>
    public long? DecidedById { get; set; }

    /// <summary>When those who follow the thread were told of it; null while nobody was.</summary>
    public DateTimeOffset? ToldAt { get; set; }

    /// <summary>Picture sent with it, or null.</summary>
    public long? PictureId { get; set; }

    /// <summary>Picture sent with it, or null.</summary>
    public Picture? Picture { get; set; }

    /// <summary>The mention it stands for, or null for what was written here.</summary>
    public long? MentionId { get; set; }

    /// <summary>The mention it stands for, or null for what was written here.</summary>
    public Mention? Mention { get; set; }

    /// <summary>Key made by the form, so that sending twice stores once.</summary>
    public string? SubmissionKey { get; set; }
}
