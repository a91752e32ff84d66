namespace Antiphon.Core.Comments.Deciding;

/// <summary>Why a comment was sent where it was sent.</summary>
/// <param name="Act">Where.</param>
/// <param name="Step">What decided.</param>
/// <param name="Rule">The rule, when one did.</param>
/// <param name="Found">What the rule found, such as the word; null where there is nothing to show.</param>
/// <param name="Facts">What was known then, without the text.</param>
public sealed record CommentTrace(CommentAct Act, DecidingStep Step, CommentRule? Rule, string? Found, CommentFacts Facts);

/// <summary>What decided.</summary>
public enum DecidingStep
{
    /// <summary>The hidden field was filled, as only programs do.</summary>
    Trap,

    /// <summary>A rule of the site.</summary>
    Rule,

    /// <summary>The filter's score and the thresholds set for it.</summary>
    Threshold,

    /// <summary>What the site has wait in general.</summary>
    Approval,
}
