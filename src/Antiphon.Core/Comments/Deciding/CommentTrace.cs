namespace Antiphon.Core.Comments.Deciding;

/// <summary>Why a comment was sent where it was sent.</summary>
/// <param name="Act">Where.</param>
/// <param name="Step">What decided.</param>
/// <param name="Rule">The rule, when one did.</param>
/// <param name="Found">What the rule found, such as the word; null where there is nothing to show.</param>
/// <param name="Facts">What was known then, without the text.</param>
public sealed record CommentTrace(
    CommentAct Act,
    DecidingStep Step,
    CommentRule? Rule,
    string? Found,
    CommentFacts Facts
)
{
    /// <summary>
    /// Where a comment sent so stands; one that is not taken stands nowhere, and waits if it is stored all the same.
    /// </summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public CommentStanding Standing =>
        Act switch
        {
            CommentAct.Publish => CommentStanding.Public,
            CommentAct.Spam => CommentStanding.Spam,
            _ => CommentStanding.Waiting,
        };
}

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

    /// <summary>The writer, the place or a host in the text is banned.</summary>
    Ban,

    /// <summary>Words that the settings hold or refuse.</summary>
    Words,

    /// <summary>A person of the team trusts the writer.</summary>
    Trust,

    /// <summary>
    /// It would have been public at once, but it came too fast, without the script, or with too many others.
    /// </summary>
    Flood,

    /// <summary>The writer has not confirmed their mail yet.</summary>
    Unconfirmed,

    /// <summary>It brings a picture, which nothing but a person can look at.</summary>
    Picture,
}
