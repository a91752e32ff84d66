using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Filtering;
using Antiphon.Core.Mentions;
using Antiphon.Server.Comments.Moderation;

namespace Antiphon.Server.Comments;

/// <summary>A comment in the queue.</summary>
/// <param name="Reports">Readers who reported it since a person last kept it.</param>
/// <param name="Trace">Why it stands where it stands; null for answers of the team and for what is older than
/// traces.</param>
/// <param name="AssignedToId">The colleague who shall see to it, or null.</param>
internal sealed record QueuedComment(
    long Id,
    long SiteId,
    string Author,
    string Start,
    CommentStanding Standing,
    WaitReason? WaitReason,
    DateTimeOffset CreatedAt,
    long ThreadId,
    string ThreadTitle,
    string SiteName,
    int Reports,
    CommentTrace? Trace,
    long? AssignedToId
);

/// <summary>A page of the queue.</summary>
/// <param name="Comments">Waiting ones oldest first, others newest first.</param>
/// <param name="Next">Value of "after" for the next page, or null at the end.</param>
/// <param name="Counts">How many stand where.</param>
/// <param name="DecidedToday">How many the asking person decided since midnight in the site's zone.</param>
/// <param name="Choice">Which of that standing they are.</param>
internal sealed record QueuePage(
    IReadOnlyList<QueuedComment> Comments,
    long? Next,
    StandingCounts Counts,
    int DecidedToday,
    QueueChoice Choice
);

/// <summary>Comments by standing.</summary>
internal sealed record StandingCounts(int Waiting, int Public, int Hidden, int Spam, int Deleted)
{
    /// <summary>From counts that leave out what there is none of.</summary>
    public static StandingCounts Of(Dictionary<CommentStanding, int> counts)
    {
        int Of(CommentStanding standing) => counts.GetValueOrDefault(standing);
        return new StandingCounts(
            Of(CommentStanding.Waiting),
            Of(CommentStanding.Public),
            Of(CommentStanding.Hidden),
            Of(CommentStanding.Spam),
            Of(CommentStanding.Deleted)
        );
    }
}

/// <summary>A comment in its conversation, as moderators see it.</summary>
internal sealed record ThreadComment(
    long Id,
    long? ParentId,
    string Author,
    string? Mail,
    bool IsTeam,
    string Html,
    CommentStanding Standing,
    WaitReason? WaitReason,
    DateTimeOffset CreatedAt,
    int Depth,
    int PublishedBefore,
    int Up,
    int Down
)
{
    /// <summary>As typed, for editing.</summary>
    public required string Text { get; init; }

    /// <summary>When the text was changed, or null.</summary>
    public DateTimeOffset? EditedAt { get; init; }

    /// <summary>The rating given with it, or null.</summary>
    public int? Rating { get; init; }

    /// <summary>Whether the writer's mail was confirmed.</summary>
    public bool IsConfirmed { get; init; }

    /// <summary>The picture sent with it, or null.</summary>
    public CommentPictureView? Picture { get; init; }

    /// <summary>The page of another site it stands on, or null for what was written here.</summary>
    public CommentMentionView? From { get; init; }
}

/// <summary>A picture sent with a comment, for the team alone.</summary>
internal sealed record CommentPictureView(string Address, int Width, int Height, string Alt);

/// <summary>The page of another site a comment stands on.</summary>
internal sealed record CommentMentionView(MentionKind Kind, string Address, string Host, string? Title);

/// <summary>A conversation.</summary>
/// <param name="Case">What is known of the comment looked at.</param>
/// <param name="ClosesAt">When it takes no more comments, or null.</param>
/// <param name="IsOpen">Whether it takes comments now.</param>
internal sealed record ConversationView(
    long ThreadId,
    string Title,
    string Identifier,
    string? Address,
    string? BlogName,
    DateTimeOffset? PostDate,
    IReadOnlyList<ThreadComment> Comments,
    CaseView Case,
    DateTimeOffset? ClosesAt,
    bool IsOpen
);

/// <summary>Why a comment stands where it stands, and what speaks for and against it.</summary>
/// <param name="Trace">How it was decided when it came; null for answers of the team and for what is older than
/// traces.</param>
/// <param name="IsSure">Whether the filter has learned enough to be relied on.</param>
/// <param name="Score">What the filter says now, from 0 to 1.</param>
/// <param name="For">What speaks for spam.</param>
/// <param name="Against">What speaks against it.</param>
/// <param name="Reports">What readers reported, the latest first.</param>
/// <param name="ReportsKept">How many of them a person has answered by keeping it.</param>
/// <param name="Writer">Where everything of its writer stands.</param>
/// <param name="Notes">What colleagues wrote about it, the earliest first.</param>
/// <param name="AssignedToId">The colleague who shall see to it, or null.</param>
/// <param name="Hosts">Hosts that addresses in it lead to.</param>
/// <param name="Marks">Bans and trust that hold for its writer and where it came from.</param>
/// <param name="HasPlace">Whether it is still known where it came from.</param>
internal sealed record CaseView(
    CommentTrace? Trace,
    bool IsSure,
    double Score,
    IReadOnlyList<FilterReason> For,
    IReadOnlyList<FilterReason> Against,
    IReadOnlyList<ReportView> Reports,
    int ReportsKept,
    StandingCounts Writer,
    IReadOnlyList<NoteView> Notes,
    long? AssignedToId,
    IReadOnlyList<string> Hosts,
    IReadOnlyList<MarkView> Marks,
    bool HasPlace
);

/// <summary>A report of a reader.</summary>
internal sealed record ReportView(ReportReason Reason, string? Words, DateTimeOffset MadeAt);

/// <summary>A decision. It is refused when the comment no longer stands where the moderator saw it.</summary>
internal sealed record DecisionRequest(CommentStanding Standing, CommentStanding Seen);

/// <summary>Where a comment stands after a decision.</summary>
internal sealed record DecisionView(long Id, CommentStanding Standing, CommentStanding Before);

/// <summary>An answer by the team.</summary>
internal sealed record AnswerRequest(string Text);

/// <summary>A thread in the list.</summary>
/// <param name="PostId">The post it is about, or null.</param>
internal sealed record ThreadView(
    long Id,
    string Identifier,
    string Title,
    string? Address,
    int Public,
    int Waiting,
    DateTimeOffset? LastAt,
    long? PostId
);

/// <summary>What to place a thread with.</summary>
/// <param name="Identifier">
/// An identifier that stays when the page moves, or how a template writes it; empty where the page's canonical address
/// tells the thread.
/// </param>
/// <param name="Address">
/// The page's address; of a template how it writes it, or empty where pages name their canonical address.
/// </param>
/// <param name="Title">Title shown where the thread stands on a page of its own.</param>
/// <param name="Theme">Colours it stands in.</param>
/// <param name="IsTemplate">Whether a template makes the pages; values are placeholders then.</param>
internal sealed record ThreadSnippetRequest(
    string? Identifier = null,
    string? Address = null,
    string? Title = null,
    ThreadTheme Theme = ThreadTheme.Host,
    bool IsTemplate = false
);

/// <summary>The snippet of a thread.</summary>
/// <param name="Snippet">What places the thread.</param>
/// <param name="Count">What shows the number of its comments, on any page.</param>
/// <param name="PageAddress">The page that shows the thread on its own.</param>
internal sealed record ThreadSnippetView(string Snippet, string Count, string PageAddress);
