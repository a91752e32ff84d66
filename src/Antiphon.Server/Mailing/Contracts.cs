using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Work;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;

namespace Antiphon.Server.Mailing;

/// <summary>Deliveries of one post, counted.</summary>
internal sealed record PostDeliveriesView(
    long PostId,
    string Title,
    DateTimeOffset? PublishedAt,
    int Total,
    int Delivered,
    int Open,
    int Failed,
    int Cancelled,
    DateTimeOffset LastAt
);

/// <summary>The mail channel.</summary>
/// <param name="Subscribers">How many get the next mail.</param>
/// <param name="Open">Mails on their way.</param>
/// <param name="Failed">Mails given up.</param>
/// <param name="Posts">Posts that were mailed, latest first.</param>
internal sealed record MailChannelView(int Subscribers, int Open, int Failed, IReadOnlyList<PostDeliveriesView> Posts);

/// <summary>One delivery with what the receiver said.</summary>
internal sealed record DeliveryView(
    long Id,
    string Mail,
    DeliveryState State,
    int Attempts,
    DateTimeOffset CreatedAt,
    DateTimeOffset? DeliveredAt,
    DateTimeOffset? NextAttemptAt,
    [property: TeamText] string? LastAnswer
);

/// <summary>A page of deliveries.</summary>
/// <param name="Next">Value of "after" for the next page, or null at the end.</param>
internal sealed record DeliveryPage(IReadOnlyList<DeliveryView> Deliveries, long? Next);

/// <summary>A digest as the team sees it.</summary>
/// <param name="SegmentId">The segment it goes to; null for everybody.</param>
/// <param name="IsUsual">Whether it goes to subscribers who have not chosen.</param>
/// <param name="NextAt">When it goes out next, or null.</param>
/// <param name="Receivers">How many it goes to now.</param>
/// <param name="Waiting">New posts it would bring now.</param>
internal sealed record DigestView(
    long Id,
    string Name,
    DigestSettings Settings,
    long? SegmentId,
    bool IsUsual,
    DateTimeOffset? PausedAt,
    DateTimeOffset? NextAt,
    DateTimeOffset CreatedAt,
    int Receivers,
    int Waiting
);

/// <summary>A digest to be made or changed.</summary>
internal sealed record DigestRequest(string Name, DigestSettings Settings, long? SegmentId = null, bool IsUsual = true);

/// <summary>How a digest would look.</summary>
/// <param name="Html">HTML part with the links of nobody; empty for text alone.</param>
/// <param name="Kilobytes">Size of the larger part in thousands of bytes.</param>
/// <param name="Findings">What to see to before.</param>
/// <param name="Posts">Posts it brings.</param>
/// <param name="IsExample">Whether there is nothing new, so that the latest posts stand in.</param>
/// <param name="Receivers">How many it goes to now.</param>
internal sealed record DigestPreview(
    string Subject,
    string? SecondSubject,
    string Html,
    string Plain,
    int Kilobytes,
    IReadOnlyList<CheckFindingView> Findings,
    int Posts,
    bool IsExample,
    int Receivers
);

/// <summary>How many posts a digest would have brought of late.</summary>
/// <param name="Days">In so many days.</param>
/// <param name="Written">Posts written here.</param>
/// <param name="Followed">Posts of followed blogs.</param>
/// <param name="BroughtIn">Posts that were imported.</param>
/// <param name="Receivers">How many it goes to now.</param>
internal sealed record DigestReachView(int Days, int Written, int Followed, int BroughtIn, int Receivers);

/// <summary>Where a test was sent.</summary>
internal sealed record TestSent(string Mail);

/// <summary>An edition as the team sees it.</summary>
/// <param name="Title">Its first post, and how many there are beside it.</param>
/// <param name="Open">Mails on their way.</param>
/// <param name="Clicks">Times its links were followed; null where that is not counted.</param>
/// <param name="Opens">Times it was opened; null where that is not counted.</param>
/// <param name="Left">Subscribers who left by a link of it.</param>
internal sealed record EditionView(
    long Id,
    long DigestId,
    string Digest,
    string Title,
    EditionState State,
    DateTimeOffset? PausedAt,
    DateTimeOffset DueAt,
    DateTimeOffset? FinishedAt,
    int Total,
    int Delivered,
    int Open,
    int Failed,
    int Cancelled,
    int? Clicks,
    int? Opens,
    int Left
);

/// <summary>Editions, the latest first.</summary>
/// <param name="Next">Value of "before" for the next page, or null at the end.</param>
internal sealed record EditionPage(IReadOnlyList<EditionView> Editions, long? Next);

/// <summary>An edition with what became of it.</summary>
/// <param name="Trial">How the two subjects did; null for no trial.</param>
/// <param name="Links">Its counted links, those followed most first.</param>
/// <param name="Causes">What receivers said to mails that were given up or wait, with how many.</param>
internal sealed record EditionDetail(
    EditionView Edition,
    IReadOnlyList<EditionPostView> Posts,
    SubjectTrialView? Trial,
    IReadOnlyList<LinkView> Links,
    IReadOnlyList<CauseView> Causes
);

/// <summary>A post of an edition.</summary>
internal sealed record EditionPostView(long Id, string Title);

/// <summary>How two subjects did. Shares are clicks by delivered mail.</summary>
internal sealed record SubjectTrialView(
    string First,
    int FirstDelivered,
    int FirstClicks,
    string Second,
    int SecondDelivered,
    int SecondClicks
);

/// <summary>A counted link.</summary>
internal sealed record LinkView(string Address, int Clicks, int SecondClicks);

/// <summary>What receivers said.</summary>
/// <param name="Answer">What they said, as it is kept; a retry names the mails by it.</param>
internal sealed record CauseView(DeliveryState State, string Answer, int Count)
{
    /// <summary>The same, in the language of whoever asks.</summary>
    [TeamText]
    public string Words => Answer;
}

/// <summary>The mail of an edition.</summary>
internal sealed record MailShown(string Subject, string Html, string Plain);

/// <summary>What publishing would do.</summary>
/// <param name="Subscribers">How many would get a mail at once; 0 when the post was mailed before.</param>
/// <param name="Digests">The digests that would bring it.</param>
internal sealed record PublishForecast(int Subscribers, IReadOnlyList<DigestForecast> Digests);

/// <summary>A digest that would bring a post.</summary>
/// <param name="Receivers">How many it goes to now.</param>
/// <param name="NextAt">When it goes out next; null for one that goes with each post.</param>
internal sealed record DigestForecast(long Id, string Name, int Receivers, DateTimeOffset? NextAt);
