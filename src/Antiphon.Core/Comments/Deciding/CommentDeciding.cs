using Antiphon.Core.Comments.Settings;

namespace Antiphon.Core.Comments.Deciding;

/// <summary>
/// Decides where a comment goes: the trap, bans, the rules in their order, trust, the filter's thresholds, pictures,
/// signs of a flood, then what waits in general. The first that says something decides. Words that a layer of settings
/// still names are as a rule before the others (refused) and one behind them (held).
/// </summary>
/// <param name="Rules">The rules that hold for the thread, in order.</param>
/// <param name="Settings">What holds for the thread.</param>
public sealed record CommentDeciding(IReadOnlyList<CommentRule> Rules, EffectiveSettings Settings)
{
    /// <summary>Comments a thread may get within a minute before what comes then waits.</summary>
    public const int MostInThread = 120;

    // Nobody reads, thinks and types faster.
    private const int LeastSeconds = 1;

    // Without script nobody does the work, so it is asked for only where many come from one place.
    private const int MostWithoutWork = 60;

    /// <summary>Decides.</summary>
    public CommentTrace Decide(CommentFacts facts)
    {
        var told = facts with { Searched = string.Empty };
        CommentTrace Trace(CommentAct act, DecidingStep step, string? found = null, CommentRule? rule = null) =>
            new(act, step, rule, found, told);
        if (facts.IsTrapped)
            return Trace(CommentAct.Spam, DecidingStep.Trap);
        if (facts.BannedBy is { } ban)
            return Trace(CommentAct.Spam, DecidingStep.Ban, ban);
        if (HeldWords.FirstIn(Settings.RefusedWords, facts.Searched) is { } refused)
            return Trace(CommentAct.Refuse, DecidingStep.Words, refused);
        if (Rules.FirstOrDefault(rule => rule.Fits(facts)) is { } rule)
            return Trace(
                rule.Act,
                DecidingStep.Rule,
                rule.Condition == RuleCondition.Words ? HeldWords.FirstIn(rule.Words, facts.Searched) : null,
                rule
            );
        if (HeldWords.FirstIn(Settings.HeldWords, facts.Searched) is { } held)
            return Trace(CommentAct.Wait, DecidingStep.Words, held);
        if (facts.IsTrusted)
            return Trace(CommentAct.Publish, DecidingStep.Trust);
        if (facts.Score * 100 >= Settings.SpamFrom)
            return Trace(CommentAct.Spam, DecidingStep.Threshold);
        if (facts.HasPicture)
            return Trace(CommentAct.Wait, DecidingStep.Picture);
        if (Waits(facts))
            return Trace(CommentAct.Wait, DecidingStep.Approval);
        return IsHasty(facts)
            ? Trace(CommentAct.Wait, DecidingStep.Flood)
            : Trace(CommentAct.Publish, DecidingStep.Approval);
    }

    private static bool IsHasty(CommentFacts facts) =>
        (!facts.HasWorked && facts.FromSamePlace > MostWithoutWork)
        || facts.SecondsToWrite < LeastSeconds
        || facts.InThreadNow > MostInThread;

    private bool Waits(CommentFacts facts) =>
        Settings.Approval switch
        {
            Approval.FirstTimeWriters => facts.PublishedBefore == 0,
            Approval.WithLinks => facts.Links > 0,
            Approval.ByScore => !(facts.Score * 100 < Settings.PublishBelow),
            Approval.None => false,
            _ => true,
        };
}
