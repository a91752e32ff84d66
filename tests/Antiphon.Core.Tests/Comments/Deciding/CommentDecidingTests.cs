using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Settings;

namespace Antiphon.Core.Tests.Comments.Deciding;

public sealed class CommentDecidingTests
{
    private static EffectiveSettings With(Approval approval, int publishBelow, int spamFrom) =>
        EffectiveSettings.Of(new CommentSettings(Approval: approval, PublishBelow: publishBelow, SpamFrom: spamFrom));

    private static readonly CommentFacts Plain = new("Ida\n\nWe saw the moon.", 0, 0);

    [Theory]
    [InlineData(RuleCondition.LinksAtLeast, 2, true)]
    [InlineData(RuleCondition.LinksAtLeast, 3, false)]
    [InlineData(RuleCondition.FirstTimeWriter, 0, false)]
    [InlineData(RuleCondition.TrustedWriter, 4, true)]
    [InlineData(RuleCondition.TrustedWriter, 5, false)]
    [InlineData(RuleCondition.TrustedWriter, 0, false)]
    [InlineData(RuleCondition.ScoreAtLeast, 90, true)]
    [InlineData(RuleCondition.ScoreAtLeast, 96, false)]
    [InlineData(RuleCondition.ScoreBelow, 96, true)]
    [InlineData(RuleCondition.ScoreBelow, 95, false)]
    [InlineData(RuleCondition.RepeatedText, 3, true)]
    [InlineData(RuleCondition.RepeatedText, 4, false)]
    [InlineData(RuleCondition.SentWithin, 2, true)]
    [InlineData(RuleCondition.SentWithin, 1, false)]
    [InlineData(RuleCondition.ManyFromOnePlace, 6, true)]
    [InlineData(RuleCondition.ManyFromOnePlace, 7, false)]
    public void A_condition_fits_from_its_number_on(RuleCondition condition, int number, bool fits) =>
        Assert.Equal(
            fits,
            new CommentRule(condition, number, [], CommentAct.Wait).Fits(new CommentFacts("x", 2, 4, 0.95, 3, 2, 6))
        );

    [Theory]
    [InlineData(null, null, true)]
    [InlineData(null, 3L, true)]
    [InlineData("", 3L, true)]
    [InlineData("", null, true)]
    [InlineData("3", 3L, true)]
    [InlineData("2,3", 3L, true)]
    [InlineData("2", 3L, false)]
    [InlineData("2", null, false)]
    public void A_rule_holds_in_its_blogs_or_everywhere(string? blogs, long? blog, bool holds) =>
        Assert.Equal(
            holds,
            new CommentRule(
                RuleCondition.FirstTimeWriter,
                0,
                [],
                CommentAct.Wait,
                Blogs: blogs?.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(long.Parse).ToList()
            ).HoldsIn(blog)
        );

    [Theory]
    [InlineData(RuleCondition.ScoreAtLeast)]
    [InlineData(RuleCondition.ScoreBelow)]
    [InlineData(RuleCondition.SentWithin)]
    public void What_is_not_known_fits_no_rule(RuleCondition condition) =>
        Assert.False(new CommentRule(condition, 50, [], CommentAct.Spam).Fits(Plain));

    [Theory]
    [InlineData("moon", "moon")]
    [InlineData("MOON", "MOON")]
    [InlineData("moo", null)]
    [InlineData("moo*", "moo*")]
    [InlineData("*oon", "*oon")]
    [InlineData("the  moon", "the  moon")]
    [InlineData("saw moon", null)]
    [InlineData("*", null)]
    [InlineData("m.on", null)]
    public void Words_are_whole_unless_a_star_says_otherwise(string word, string? found) =>
        Assert.Equal(found, HeldWords.FirstIn([word], Plain.Searched));

    [Theory]
    [InlineData("buy p\u0456lls now")]
    [InlineData("buy ｐｉｌｌｓ now")]
    [InlineData("buy pi\u200Blls now")]
    public void Words_are_found_behind_tricks(string text) => Assert.Equal("pills", HeldWords.FirstIn(["pills"], text));

    [Fact]
    public void The_first_rule_that_fits_decides_and_the_trace_says_which()
    {
        CommentRule[] rules =
        [
            new(RuleCondition.LinksAtLeast, 5, [], CommentAct.Spam),
            new(RuleCondition.Words, 0, ["moon"], CommentAct.Refuse, "No moons."),
            new(RuleCondition.FirstTimeWriter, 0, [], CommentAct.Publish),
        ];
        var trace = new CommentDeciding(rules, With(Approval.All, 10, 90)).Decide(Plain);
        Assert.Equal(
            (CommentAct.Refuse, DecidingStep.Rule, rules[1], "moon", string.Empty),
            (trace.Act, trace.Step, trace.Rule, trace.Found, trace.Facts.Searched)
        );
    }

    [Fact]
    public void The_trap_comes_before_every_rule() =>
        Assert.Equal(
            (CommentAct.Spam, DecidingStep.Trap),
            (
                new CommentDeciding(
                    [new(RuleCondition.FirstTimeWriter, 0, [], CommentAct.Publish)],
                    With(Approval.None, 10, 90)
                ).Decide(Plain with { IsTrapped = true })
                    is var trace
                    ? trace.Act
                    : default,
                trace.Step
            )
        );

    [Theory]
    [InlineData(Approval.All, 0, 9, 0.01, CommentAct.Wait)]
    [InlineData(Approval.None, 3, 0, null, CommentAct.Publish)]
    [InlineData(Approval.None, 0, 0, 0.97, CommentAct.Spam)]
    [InlineData(Approval.FirstTimeWriters, 0, 0, 0.01, CommentAct.Wait)]
    [InlineData(Approval.FirstTimeWriters, 0, 1, 0.5, CommentAct.Publish)]
    [InlineData(Approval.WithLinks, 1, 5, 0.01, CommentAct.Wait)]
    [InlineData(Approval.WithLinks, 0, 0, 0.5, CommentAct.Publish)]
    [InlineData(Approval.ByScore, 0, 0, 0.05, CommentAct.Publish)]
    [InlineData(Approval.ByScore, 0, 0, 0.10, CommentAct.Wait)]
    [InlineData(Approval.ByScore, 0, 0, null, CommentAct.Wait)]
    public void Where_no_rule_fits_threshold_and_approval_decide(
        Approval approval,
        int links,
        int before,
        double? score,
        CommentAct act
    ) =>
        Assert.Equal(
            act,
            new CommentDeciding([], With(approval, 10, 95))
                .Decide(Plain with { Links = links, PublishedBefore = before, Score = score })
                .Act
        );

    public static TheoryData<CommentFacts, CommentAct, DecidingStep> Steps =>
        new()
        {
            { Plain with { BannedBy = "deals@bulk.example", IsTrusted = true }, CommentAct.Spam, DecidingStep.Ban },
            { Plain with { Searched = "we saw a casino" }, CommentAct.Refuse, DecidingStep.Words },
            { Plain with { Searched = "we saw an owl", IsTrusted = true }, CommentAct.Wait, DecidingStep.Words },
            { Plain with { IsTrusted = true, Score = 0.99 }, CommentAct.Publish, DecidingStep.Trust },
            { Plain with { Score = 0.99 }, CommentAct.Spam, DecidingStep.Threshold },
            { Plain with { SecondsToWrite = 0 }, CommentAct.Wait, DecidingStep.Flood },
            { Plain with { InThreadNow = CommentDeciding.MostInThread + 1 }, CommentAct.Wait, DecidingStep.Flood },
            { Plain with { HasWorked = false, FromSamePlace = 61 }, CommentAct.Wait, DecidingStep.Flood },
            { Plain with { HasWorked = false, FromSamePlace = 3 }, CommentAct.Publish, DecidingStep.Approval },
            { Plain with { HasWorked = true, FromSamePlace = 61 }, CommentAct.Publish, DecidingStep.Approval },
        };

    [Theory]
    [MemberData(nameof(Steps))]
    public void The_first_that_says_something_decides(CommentFacts facts, CommentAct act, DecidingStep step)
    {
        var settings = EffectiveSettings.Of(
            new CommentSettings(Approval: Approval.None, SpamFrom: 95)
            {
                HeldWords = ["owl"],
                RefusedWords = ["casino*"],
            }
        );
        var trace = new CommentDeciding([], settings).Decide(facts);
        Assert.Equal((act, step), (trace.Act, trace.Step));
    }

    [Theory]
    [InlineData("see http://www.Lens.example/x and www.moor.example.", "lens.example moor.example")]
    [InlineData("nothing here", "")]
    [InlineData("twice https://a.example/1 https://a.example/2", "a.example")]
    public void The_hosts_of_a_text_are_told_once_each(string text, string hosts) =>
        Assert.Equal(hosts, string.Join(' ', CommentLinks.Hosts(text)));

    [Theory]
    [InlineData(2, 0, 3, false)]
    [InlineData(3, 0, 3, true)]
    [InlineData(99, 0, 0, false)]
    [InlineData(8, 3, 3, false)]
    [InlineData(9, 3, 3, true)]
    public void A_comment_kept_once_takes_twice_as_many_reports(int reports, int kept, int threshold, bool reached) =>
        Assert.Equal(reached, ReportThreshold.IsReached(reports, kept, threshold));
}
