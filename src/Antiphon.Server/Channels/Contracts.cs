using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Channels.Counting;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Core.Work;
using Antiphon.Data.Channels;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Channels;

/// <summary>A channel as the team sees it. Its token or secret never leaves the server.</summary>
/// <param name="HasSecret">Whether a token or secret is set.</param>
/// <param name="PausedAt">When it was paused, or null.</param>
/// <param name="PauseReason">Why it paused by itself; null when a person paused it.</param>
/// <param name="Open">Deliveries to come, held ones included.</param>
/// <param name="Failed">Deliveries given up in the last thirty days.</param>
/// <param name="NextAt">When the next goes out, or null.</param>
/// <param name="FullUntil">Until when it waits because its receiver takes no more for now; null where it does
/// not.</param>
internal sealed record ChannelView(
    long Id,
    ChannelKind Kind,
    string Name,
    ChannelSettings Settings,
    bool HasSecret,
    DateTimeOffset? PausedAt,
    [property: TeamText] string? PauseReason,
    DateTimeOffset CreatedAt,
    int Open,
    int Failed,
    DateTimeOffset? NextAt,
    DateTimeOffset? LastAt,
    DateTimeOffset? FullUntil = null
);

/// <summary>A channel to be made or changed.</summary>
/// <param name="Secret">A new token or secret; null keeps the one there is, empty takes it away.</param>
/// <param name="Older">How many of the latest older posts go there; for new channels only.</param>
/// <param name="DaysApart">Days between two of them.</param>
internal sealed record ChannelRequest(
    ChannelKind Kind,
    string Name,
    ChannelSettings Settings,
    string? Secret = null,
    int Older = 0,
    int DaysApart = 1
);

/// <summary>What a receiver said to a test.</summary>
/// <param name="Offer">Where and how posts are taken instead, where the address given leads there; null
/// otherwise.</param>
internal sealed record ChannelTestView(bool IsGood, [property: TeamText] string Answer, PartnerOffer? Offer = null);

/// <summary>A secret that was just made; it is shown this once.</summary>
internal sealed record ChannelSecretView(string Secret, DateTimeOffset? BeforeUntil);

/// <summary>A delivery on the time line.</summary>
/// <param name="At">When it was taken, or goes out.</param>
/// <param name="Title">Title of the post, or what is told.</param>
/// <param name="Counts">What it brought at the network; null where that is not known.</param>
internal sealed record TimeLineItem(
    long Id,
    long ChannelId,
    long? PostId,
    string Title,
    DeliveryAct Act,
    DeliveryState State,
    HoldReason? Held,
    DateTimeOffset At,
    string Target,
    [property: TeamText] string? Answer,
    NetworkCounts? Counts = null
);

/// <summary>What went out and what goes out, over all channels.</summary>
/// <param name="IsCut">Whether there is more than shown in the time asked for.</param>
internal sealed record TimeLineView(IReadOnlyList<TimeLineItem> Items, bool IsCut);

/// <summary>A delivery with everything known of it.</summary>
/// <param name="Text">What was sent, exactly, or will be.</param>
/// <param name="IsSent">Whether that text was sent already.</param>
/// <param name="Count">What it counts; null where the channel does not count.</param>
/// <param name="Turn">Which of the channel's texts it takes, from 0.</param>
/// <param name="Turns">How many the channel has.</param>
/// <param name="Counts">What it brought at the network; null where that is not known.</param>
/// <param name="FullUntil">Until when it waits because the receiver takes no more for now; null where it does
/// not.</param>
internal sealed record ChannelDeliveryView(
    long Id,
    long ChannelId,
    ChannelKind Kind,
    string Channel,
    long? PostId,
    string Title,
    DeliveryAct Act,
    DeliveryState State,
    HoldReason? Held,
    DateTimeOffset PlannedFor,
    DateTimeOffset? NextAttemptAt,
    DateTimeOffset? DeliveredAt,
    int Attempts,
    string Target,
    [property: TeamText] string? Answer,
    string? ReceivedAddress,
    string Text,
    bool IsSent,
    int? Count,
    int? Limit,
    IReadOnlyList<ChannelAttemptView> Tried,
    int Turn = 0,
    int Turns = 1,
    NetworkCounts? Counts = null,
    DateTimeOffset? CountedAt = null,
    DateTimeOffset? FullUntil = null
);

/// <summary>One attempt.</summary>
internal sealed record ChannelAttemptView(
    DateTimeOffset At,
    int Milliseconds,
    SendOutcomeKind Outcome,
    [property: TeamText] string Answer
);

/// <summary>A delivery to be changed while it waits; what is null stays.</summary>
/// <param name="At">When it goes out, on the site's clocks, such as "2027-03-28T18:00".</param>
/// <param name="Text">Its text; empty for what the template says.</param>
/// <param name="IsHeld">Whether it is held back.</param>
/// <param name="Turn">Which of the channel's texts it takes, from 0; its own text goes then.</param>
internal sealed record DeliveryChange(string? At = null, string? Text = null, bool? IsHeld = null, int? Turn = null);

/// <summary>Failed deliveries of a channel by what the receiver said.</summary>
/// <param name="Answer">What it said, as it is kept; a retry names them by it.</param>
internal sealed record FailureCause(long ChannelId, string Answer, int Count, DateTimeOffset LastAt)
{
    /// <summary>The same, in the language of whoever asks.</summary>
    [TeamText]
    public string Words => Answer;
}

/// <summary>What a channel would say about a post.</summary>
/// <param name="Refusal">Why the channel does not choose the post; null when it does.</param>
/// <param name="Text">The text.</param>
/// <param name="Count">What it counts; null where the channel does not count.</param>
/// <param name="Shortened">Fields that were shortened so that it fits.</param>
/// <param name="At">When it would go out if it were published now.</param>
/// <param name="Findings">What to see to before.</param>
/// <param name="Delivery">The delivery it became; null while it was not planned.</param>
/// <param name="Turn">Which of the channel's texts it takes, from 0.</param>
/// <param name="Turns">How many the channel has.</param>
/// <param name="Picture">The picture that goes along; null for none.</param>
/// <param name="PictureAlt">What that shows.</param>
/// <param name="Html">The text as the readers of a partner see it; null for other kinds.</param>
/// <param name="TextProblem">What is wrong with the post's own text for the channel; null for nothing.</param>
internal sealed record ChannelPreview(
    long ChannelId,
    ChannelKind Kind,
    string Name,
    ChannelRefusal? Refusal,
    PostChannelOptions? Wish,
    string Text,
    int? Count,
    int? Limit,
    IReadOnlyList<string> Shortened,
    DateTimeOffset? At,
    IReadOnlyList<string> Findings,
    PlannedDelivery? Delivery,
    int Turn = 0,
    int Turns = 1,
    string? Picture = null,
    string? PictureAlt = null,
    string? Html = null,
    [property: TeamText] string? TextProblem = null
);

/// <summary>Wishes to be tried out.</summary>
/// <param name="Wishes">All wishes of the post, as it would be saved with them.</param>
/// <param name="OpensLinks">Whether the links of the texts are opened, which takes its time.</param>
internal sealed record PreviewWishes(IReadOnlyList<PostChannelOptions> Wishes, bool OpensLinks = false);

/// <summary>The delivery of a post to a channel, where there is one.</summary>
internal sealed record PlannedDelivery(long Id, DeliveryState State);

/// <summary>A text to be counted as a channel counts it, before it is kept.</summary>
internal sealed record CountRequest(string Template, CountRule Count, string CampaignSource = "", string Campaign = "");

/// <summary>The latest post in that text.</summary>
internal sealed record CountedView(string Text, int Count, int Limit, IReadOnlyList<string> Shortened, string Post);

/// <summary>A post sent to a channel by hand.</summary>
internal sealed record SendRequest(string? Text = null);
