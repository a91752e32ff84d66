using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Core.Channels.Timing;

namespace Antiphon.Core.Tests.Channels;

/// <summary>Settings that cannot work are refused by name, with what to do.</summary>
public sealed class ChannelSettingsTests
{
    private static readonly ChannelSettings Good = new(
        "https://lantern.example/api",
        ChannelChoice.Everything,
        ChannelWhen.AtOnce,
        ChannelTiming.Always,
        "{title} {link}"
    );

    public static TheoryData<ChannelKind, ChannelSettings, string> Wrong =>
        new()
        {
            { ChannelKind.Social, Good with { Address = "lantern" }, "address" },
            { ChannelKind.Hub, Good with { Address = "ftp://hub.example/" }, "address" },
            {
                ChannelKind.Social,
                Good with
                {
                    Address = "https://lantern.example/" + new string('a', 1000),
                },
                "address"
            },
            { ChannelKind.Social, Good with { Template = "{titel}" }, "template" },
            { ChannelKind.Social, Good with { Variants = ["{title}", "{if title}"] }, "variants" },
            { ChannelKind.Social, Good with { Variants = ["{title}", " "] }, "variants" },
            {
                ChannelKind.Social,
                Good with
                {
                    Variants = [.. Enumerable.Repeat("{title}", ChannelSettings.MostTexts)],
                },
                "variants"
            },
            { ChannelKind.Social, Good with { Pace = new ChannelPace(-1) }, "pace" },
            { ChannelKind.Hub, Good with { Pace = new ChannelPace(ChannelPace.Highest + 1) }, "pace" },
            { ChannelKind.Social, Good with { Pace = new ChannelPace(5, 0) }, "paceMinutes" },
            { ChannelKind.Social, Good with { Pace = new ChannelPace(5, 10_081) }, "paceMinutes" },
            { ChannelKind.Partner, Good with { Account = "parish:paper" }, "account" },
            { ChannelKind.Social, Good with { Count = new CountRule(19, 23) }, "limit" },
            { ChannelKind.Social, Good with { Count = new CountRule(500, -1) }, "linkCost" },
            { ChannelKind.Social, Good with { Timing = new ChannelTiming(DelayMinutes: -1) }, "delayMinutes" },
            { ChannelKind.Social, Good with { Timing = new ChannelTiming(SpacingMinutes: 10_081) }, "spacingMinutes" },
            { ChannelKind.Social, Good with { When = ChannelWhen.NextSlot }, "slots" },
            {
                ChannelKind.Social,
                Good with
                {
                    Timing = new ChannelTiming(
                        Slots:
                        [
                            .. Enumerable.Repeat(
                                new Slot(DayOfWeek.Monday, TimeOnly.MinValue),
                                ChannelSettings.MostSlots + 1
                            ),
                        ]
                    ),
                },
                "slots"
            },
            {
                ChannelKind.Social,
                Good with
                {
                    Timing = new ChannelTiming(QuietFrom: new TimeOnly(22, 0)),
                },
                "quietUntil"
            },
            { ChannelKind.Social, Good with { Campaign = new string('a', 101) }, "campaign" },
        };

    public static TheoryData<ChannelKind, ChannelSettings> Right =>
        new()
        {
            { ChannelKind.Social, Good },
            { ChannelKind.Pings, Good with { Address = string.Empty } },
            // Only short posts say something of their own.
            { ChannelKind.Webhook, Good with { Template = "{titel}", Variants = [" "] } },
            {
                ChannelKind.Social,
                Good with
                {
                    Pace = new ChannelPace(ChannelPace.Highest, 10_080),
                    Variants = ["{title}"],
                }
            },
            { ChannelKind.Partner, Good with { Protocol = PartnerProtocol.AtomPub, Account = "parish" } },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_cannot_work_is_named(ChannelKind kind, ChannelSettings settings, string setting)
    {
        var problem = settings.Problem(kind);
        Assert.Equal(setting, problem?.Setting);
        Assert.EndsWith(".", problem!.Value.Remedy, StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(Right))]
    public void What_works_is_taken(ChannelKind kind, ChannelSettings settings) => Assert.Null(settings.Problem(kind));

    [Theory]
    [InlineData(0, "one")]
    [InlineData(2, "three")]
    [InlineData(3, "one")]
    [InlineData(7, "two")]
    public void Texts_take_turns(int turn, string text) =>
        Assert.Equal(text, (Good with { Template = "one", Variants = ["two", "three"] }).TextOf(turn));
}
