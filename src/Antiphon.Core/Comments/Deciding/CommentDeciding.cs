namespace Antiphon.Core.Comments.Deciding;

/// <summary>Decides where a comment goes: the trap, then the rules in their order, then the filter's thresholds, then what waits in general. The first that says something decides.</summary>
/// <param name="Rules">The rules in order.</param>
/// <param name="Approval">What waits when nothing before said anything.</param>
/// <param name="PublishBelow">Hundredths of a score below which a comment is published where approval goes by score.</param>
/// <param name="SpamFrom">Hundredths from which a comment is put aside as spam; null for never.</param>
public sealed record CommentDeciding(IReadOnlyList<CommentRule> Rules, Approval Approval, int PublishBelow, int? SpamFrom)
{
    /// <summary>Decides.</summary>
    public CommentTrace Decide(CommentFacts facts)
    {
        var told = facts with { Searched = string.Empty };
        if (facts.IsTrapped) return new CommentTrace(CommentAct.Spam, DecidingStep.Trap, null, null, told);
        if (Rules.FirstOrDefault(rule => rule.Fits(facts)) is { } rule)
        {
            return new CommentTrace(rule.Act, DecidingStep.Rule, rule, rule.Condition == RuleCondition.Words ? HeldWords.FirstIn(rule.Words, facts.Searched) : null, told);
        }

        if (facts.Score * 100 >= SpamFrom) return new CommentTrace(CommentAct.Spam, DecidingStep.Threshold, null, null, told);
        return new CommentTrace(Waits(facts) ? CommentAct.Wait : CommentAct.Publish, DecidingStep.Approval, null, null, told);
    }

    private bool Waits(CommentFacts facts) => Approval switch
    {
        Approval.FirstTimeWriters => facts.PublishedBefore == 0,
        Approval.WithLinks => facts.Links > 0,
        Approval.ByScore => !(facts.Score * 100 < PublishBelow),
        Approval.None => false,
        _ => true,
    };
}
