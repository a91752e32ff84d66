using Antiphon.Core.Findings;

namespace Antiphon.Core.Channels.Composing.Checking;

/// <summary>What is looked at before a post goes to a channel.</summary>
public static class ChannelRules
{
    /// <summary>Longer than the network takes.</summary>
    public static readonly CheckRule TooLong = new(
        "channel-text-long",
        Severity.Error,
        "Too long by {0}; it will not be sent.",
        "Shorten it, or let the template say less."
    );

    /// <summary>Nothing to say.</summary>
    public static readonly CheckRule Empty = new(
        "channel-text-empty",
        Severity.Error,
        "The text is empty.",
        "Write a text, or give the template a field that every post has."
    );

    /// <summary>Readers cannot come.</summary>
    public static readonly CheckRule NoLink = new(
        "channel-text-without-link",
        Severity.Warning,
        "The text has no link.",
        "Put {link} into it, or readers do not find the post."
    );

    /// <summary>A link that leads nowhere.</summary>
    public static readonly CheckRule LinkFails = new(
        "channel-link-fails",
        Severity.Warning,
        "The link {0} cannot be opened: {1}",
        "Correct it before readers press it."
    );

    /// <summary>Nothing to show.</summary>
    public static readonly CheckRule NoPicture = new(
        "channel-picture-missing",
        Severity.Advice,
        "The post has no picture.",
        "Posts with one are seen by more people."
    );

    /// <summary>Networks that make a card of the link have nothing to show either.</summary>
    public static readonly CheckRule NoCardPicture = new(
        "channel-card-picture-missing",
        Severity.Advice,
        "Networks that make a card of the link find no picture for it.",
        "Give the post a picture, or one for cards alone."
    );

    /// <summary>A picture that says nothing aloud.</summary>
    public static readonly CheckRule PictureWithoutWords = new(
        "channel-picture-without-words",
        Severity.Warning,
        "The picture has no description (alt text).",
        "Describe in a few words what it shows."
    );

    /// <summary>A picture of a shape that is cut.</summary>
    public static readonly CheckRule PictureShape = new(
        "channel-picture-shape",
        Severity.Advice,
        "The picture is {0} by {1} and will be cropped (limits 4:5 to 2:1).",
        "Choose a part of it, so that the right part is seen."
    );

    /// <summary>A picture too small to look at.</summary>
    public static readonly CheckRule PictureSmall = new(
        "channel-picture-small",
        Severity.Advice,
        "The picture is only {0} pixels wide.",
        "Networks want 600 or more; smaller ones are shown blurred or as a stamp."
    );

    /// <summary>Nobody to tell.</summary>
    public static readonly CheckRule NoPlaces = new(
        "channel-nobody-to-tell",
        Severity.Advice,
        "The post links to no page of others.",
        "The post has no external links, so nothing is sent."
    );

    /// <summary>A channel that does not send.</summary>
    public static readonly CheckRule Paused = new(
        "channel-paused",
        Severity.Advice,
        "The channel is paused; what is planned waits.",
        "The channel is paused. Resume it to send."
    );

    /// <summary>Every rule.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        TooLong,
        Empty,
        NoLink,
        LinkFails,
        NoPicture,
        NoCardPicture,
        PictureWithoutWords,
        PictureShape,
        PictureSmall,
        NoPlaces,
        Paused,
    ];
}
