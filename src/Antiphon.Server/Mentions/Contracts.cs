using Antiphon.Core.Comments;
using Antiphon.Core.Mentions;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Mentions;

/// <summary>A mention as the team sees it.</summary>
/// <param name="CommentId">The comment it is kept as; null while the page has not been read or has no link.</param>
/// <param name="Standing">Where that comment stands; null without one.</param>
/// <param name="Author">Who wrote the page, or its host.</param>
/// <param name="Text">What the page says, or empty.</param>
/// <param name="PostAddress">Address of the post for readers.</param>
/// <param name="NextReadAt">When the page is read next; null for not.</param>
/// <param name="Problem">Why it was not taken, or not yet; null while nothing is wrong.</param>
internal sealed record MentionView(
    long Id,
    long? CommentId,
    CommentStanding? Standing,
    MentionState State,
    MentionWay Way,
    MentionKind Kind,
    string Source,
    string Host,
    string Author,
    string? AuthorAddress,
    string? Title,
    string Text,
    long PostId,
    string PostTitle,
    string PostAddress,
    DateTimeOffset? PublishedAt,
    DateTimeOffset ReceivedAt,
    DateTimeOffset? ReadAt,
    DateTimeOffset? NextReadAt,
    [property: TeamText] string? Problem
);

/// <summary>Mentions, the latest first.</summary>
/// <param name="Mentions">A part of them.</param>
/// <param name="Next">What the next part is asked for with; null at the end.</param>
/// <param name="Counts">How many there are by choice.</param>
/// <param name="Choice">Which are listed.</param>
internal sealed record MentionList(
    IReadOnlyList<MentionView> Mentions,
    long? Next,
    MentionCounts Counts,
    MentionChoice Choice
);

/// <summary>How many mentions there are by choice.</summary>
internal sealed record MentionCounts(int Waiting, int Public, int Aside, int Unread, int Refused);

/// <summary>Which mentions are wanted.</summary>
internal enum MentionChoice
{
    /// <summary>Found, and waiting for a decision.</summary>
    Waiting,

    /// <summary>Shown with the post.</summary>
    Public,

    /// <summary>Hidden, spam or withdrawn.</summary>
    Aside,

    /// <summary>Not read yet.</summary>
    Unread,

    /// <summary>Without a link to the post, or gone.</summary>
    Refused,
}

/// <summary>Where other sites tell of their links.</summary>
/// <param name="Webmention">For Webmention.</param>
/// <param name="Pingback">For Pingback.</param>
/// <param name="Markup">What goes into the head of pages that show posts elsewhere than with us.</param>
internal sealed record MentionAddresses(string Webmention, string Pingback, string Markup);
