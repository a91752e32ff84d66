using Antiphon.Core.Comments.Settings;

namespace Antiphon.Core.Comments.Deciding;

/// <summary>A rule of a site: what it looks at and what then happens.</summary>
/// <param name="Condition">What it looks at.</param>
/// <param name="Number">How many, or how much; unused where the condition needs none.</param>
/// <param name="Words">For words: one word, phrase or pattern each.</param>
/// <param name="Act">What then happens.</param>
/// <param name="Message">For refusals: what the writer is told; null for a general word.</param>
/// <param name="Blogs">Blogs it holds for; null or none for the whole site.</param>
public sealed record CommentRule(
    RuleCondition Condition,
    int Number,
    IReadOnlyList<string> Words,
    CommentAct Act,
    string? Message = null,
    IReadOnlyList<long>? Blogs = null
)
{
    /// <summary>Whether it has what it needs.</summary>
    public bool IsWhole =>
        Condition switch
        {
            RuleCondition.Words => Words.Any(word => word.Trim('*', ' ').Length > 0),
            RuleCondition.FirstTimeWriter => true,
            RuleCondition.ScoreAtLeast or RuleCondition.ScoreBelow => Number is > 0 and <= 100,
            _ => Number > 0,
        };

    /// <summary>Whether it holds where a comment was written: below a post of a blog, or on another page (null).</summary>
    public bool HoldsIn(long? blog) => Blogs is not { Count: > 0 } || (blog is { } id && Blogs.Contains(id));

    /// <summary>Whether it fits a comment.</summary>
    public bool Fits(CommentFacts facts) =>
        IsWhole
        && Condition switch
        {
            RuleCondition.LinksAtLeast => facts.Links >= Number,
            RuleCondition.Words => HeldWords.FirstIn(Words, facts.Searched) is not null,
            RuleCondition.FirstTimeWriter => facts.PublishedBefore == 0,
            RuleCondition.TrustedWriter => facts.PublishedBefore >= Number,
            RuleCondition.ScoreAtLeast => facts.Score * 100 >= Number,
            RuleCondition.ScoreBelow => facts.Score * 100 < Number,
            RuleCondition.RepeatedText => facts.SameText >= Number,
            RuleCondition.SentWithin => facts.SecondsToWrite <= Number,
            RuleCondition.ManyFromOnePlace => facts.FromSamePlace >= Number,
            _ => false,
        };
}
