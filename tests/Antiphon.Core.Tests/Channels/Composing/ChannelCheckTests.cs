using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Channels.Composing.Checking;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Tests.Channels.Composing;

/// <summary>What is wrong with a post on a channel is said before it goes out.</summary>
public sealed class ChannelCheckTests
{
    private static readonly CountRule Rule = new(100, 23);
    private static readonly ChannelPicture Good = new("A ring around the moon", 1200, 900);

    [Fact]
    public void A_text_with_a_link_and_a_good_picture_is_left_in_peace() =>
        Assert.Empty(Run(Social("Frost https://quillmoor.example/frost")));

    [Theory]
    [InlineData("Frost", "channel-text-without-link")]
    [InlineData("", "channel-text-empty")]
    public void A_text_that_leads_nowhere_is_told(string text, string rule) => Assert.Equal([rule], Run(Social(text)));

    [Fact]
    public void A_text_too_long_says_by_how_much()
    {
        var found = ChannelCheck.Run(Social("https://quillmoor.example/a " + new string('x', 90)));
        Assert.Equal("Too long by 14; it will not be sent.", Assert.Single(found).Message);
    }

    [Theory]
    [InlineData(1200, 1500, null)]
    [InlineData(1200, 1501, "channel-picture-shape")]
    [InlineData(2000, 1000, null)]
    [InlineData(2001, 1000, "channel-picture-shape")]
    [InlineData(599, 599, "channel-picture-small")]
    [InlineData(600, 600, null)]
    [InlineData(0, 0, null)]
    public void Pictures_that_would_be_cut_or_blurred_are_told(int width, int height, string? rule) =>
        Assert.Equal(
            rule is null ? [] : [rule],
            Run(
                Social("Frost https://quillmoor.example/frost") with
                {
                    Picture = Good with { Width = width, Height = height },
                }
            )
        );

    [Fact]
    public void A_picture_without_words_and_none_at_all_are_told()
    {
        var draft = Social("Frost https://quillmoor.example/frost");
        Assert.Equal(["channel-picture-without-words"], Run(draft with { Picture = Good with { Alt = " " } }));
        Assert.Equal(
            ["channel-picture-missing", "channel-card-picture-missing"],
            Run(draft with { Picture = null, HasCardPicture = false })
        );
        // Who wants no picture along is not reminded of it; the card of the link is the network's.
        Assert.Equal(
            ["channel-card-picture-missing"],
            Run(draft with { Picture = null, HasCardPicture = false, WantsPicture = false })
        );
        Assert.Empty(Run(new ChannelDraft(ChannelKind.Webhook, null, null, WantsPicture: true, HasCardPicture: false)));
    }

    [Fact]
    public void Links_that_fail_a_pause_and_nobody_to_tell_are_told()
    {
        var draft = Social("Frost https://quillmoor.example/frost") with
        {
            BrokenLinks = [("https://quillmoor.example/frost", "The site answers with error 404.")],
            IsPaused = true,
        };
        Assert.Equal(["channel-link-fails", "channel-paused"], Run(draft));
        Assert.Equal(
            ["channel-nobody-to-tell"],
            Run(new ChannelDraft(ChannelKind.Pings, null, null, true, true) { Places = 0 })
        );
    }

    [Fact]
    public void What_keeps_from_sending_comes_first() =>
        Assert.Equal(
            "channel-text-long",
            Run(Social(new string('x', 200)) with { Picture = null, IsPaused = true })[0]
        );

    [Fact]
    public void Every_rule_says_what_to_do_and_is_named_once()
    {
        Assert.All(ChannelRules.All, rule => Assert.True(rule.Fix.Length > 10, rule.Id));
        Assert.Equal(ChannelRules.All.Count, ChannelRules.All.Select(rule => rule.Id).Distinct().Count());
    }

    private static ChannelDraft Social(string text) =>
        new(
            ChannelKind.Social,
            Composer.Own(text, new PostFacts("", "", "", null, null, [], "", "", ""), Rule),
            Good,
            WantsPicture: true,
            HasCardPicture: true
        );

    private static string[] Run(ChannelDraft draft) =>
        [.. ChannelCheck.Run(draft).Select((Finding finding) => finding.Rule.Id)];
}
