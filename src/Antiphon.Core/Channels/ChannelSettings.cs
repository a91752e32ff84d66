using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Core.Channels.Timing;

namespace Antiphon.Core.Channels;

/// <summary>How a channel works.</summary>
/// <param name="Address">Where it sends; empty for pings, which go where posts link.</param>
/// <param name="Choice">Which posts go there.</param>
/// <param name="When">When they go.</param>
/// <param name="Timing">At what times.</param>
/// <param name="Template">What a social channel says.</param>
public sealed record ChannelSettings(
    string Address,
    ChannelChoice Choice,
    ChannelWhen When,
    ChannelTiming Timing,
    string Template
)
{
    /// <summary>What a social channel says where nobody wrote anything else.</summary>
    public const string UsualTemplate = "{title}\n\n{excerpt}\n\n{link} {tags}";

    /// <summary>Most texts that take turns, the template among them.</summary>
    public const int MostTexts = 6;

    /// <summary>Most slots.</summary>
    public const int MostSlots = 50;

    /// <summary>How the network counts.</summary>
    public CountRule Count { get; init; } = new(500, 23);

    /// <summary>Whether the post's picture goes along.</summary>
    public bool WithPicture { get; init; } = true;

    /// <summary>
    /// What a social channel says by turns besides the template, so that not every post sounds the same.
    /// </summary>
    public IReadOnlyList<string> Variants { get; init; } = [];

    /// <summary>How a partner takes posts.</summary>
    public PartnerProtocol Protocol { get; init; } = PartnerProtocol.Micropub;

    /// <summary>
    /// Name of the account where a partner takes a name and a password (RFC 7617); empty where it takes a token.
    /// </summary>
    public string Account { get; init; } = string.Empty;

    /// <summary>How much the receiver takes in a time.</summary>
    public ChannelPace Pace { get; init; } = ChannelPace.Free;

    /// <summary>How much of the text a partner gets.</summary>
    public BodyExtent Extent { get; init; } = BodyExtent.Whole;

    /// <summary>Whether what was delivered follows changes and withdrawals of the post.</summary>
    public bool FollowsChanges { get; init; } = true;

    /// <summary>What counts readers who come from here; empty for nothing.</summary>
    public string CampaignSource { get; init; } = string.Empty;

    /// <summary>Campaign named in links; empty for none.</summary>
    public string Campaign { get; init; } = string.Empty;

    /// <summary>What a webhook is told of; empty for everything.</summary>
    public IReadOnlyList<ChannelEvent> Events { get; init; } = [];

    /// <summary>All texts that take turns, the template first.</summary>
    public IReadOnlyList<string> AllTexts() => [Template, .. Variants];

    /// <summary>The text of a turn; turns beyond the last begin anew.</summary>
    public string TextOf(int turn) => AllTexts()[turn % (Variants.Count + 1)];

    /// <summary>
    /// What lies where it may not: the name of the setting as interfaces spell it and the remedy; null when everything
    /// does.
    /// </summary>
    public (string Setting, string Remedy)? Problem(ChannelKind kind) =>
        kind != ChannelKind.Pings && !Feeds.Reading.LinkResolver.IsWeb(Address)
            ? ("address", "Enter the full address, such as https://partner.example/micropub.")
        : Address.Length > 1000 ? ("address", "Use at most 1,000 characters.")
        : kind == ChannelKind.Social && TextTemplate.Read(Template).Problem is { } template ? ("template", template)
        : Variants.Count >= MostTexts ? ("variants", $"Use at most {MostTexts} texts.")
        : kind == ChannelKind.Social
        && Variants
            .Select(text =>
                TextTemplate.Read(text).Problem
                ?? (string.IsNullOrWhiteSpace(text) ? "One of the texts is empty; write it or remove it." : null)
            )
            .FirstOrDefault(text => text is not null)
            is { } variant
            ? ("variants", variant)
        : Pace.Most is < 0 or > ChannelPace.Highest
            ? ("pace", $"Enter 1 to {ChannelPace.Highest}, or nothing for no limit.")
        : Pace.Minutes is < 1 or > 10_080 ? ("paceMinutes", "Enter between 1 minute and a week.")
        : Account.Length > 200 || Account.Contains(':', StringComparison.Ordinal)
            ? ("account", "Enter a name of at most 200 characters without a colon.")
        : Count.Limit is < 20 or > 100_000 ? ("limit", "Enter a limit from 20 to 100,000.")
        : Count.LinkCost is < 0 or > 1000 ? ("linkCost", "A link counts 0 to 1,000.")
        : Timing.DelayMinutes is < 0 or > 525_600 ? ("delayMinutes", "Enter a delay of at most a year.")
        : Timing.SpacingMinutes is < 0 or > 10_080 ? ("spacingMinutes", "Enter at most a week between two posts.")
        : Timing.Slots?.Count > MostSlots ? ("slots", $"Use at most {MostSlots} fixed times.")
        : When == ChannelWhen.NextSlot && Timing.Slots is null or { Count: 0 }
            ? ("slots", "Enter at least one fixed time, or choose when else it is sent.")
        : Timing.QuietFrom is null != Timing.QuietUntil is null
            ? ("quietUntil", "Enter both start and end, or neither.")
        : CampaignSource.Length > 100 || Campaign.Length > 100 ? ("campaign", "Use at most 100 characters.")
        : null;
}
