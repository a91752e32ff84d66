namespace Antiphon.Core.Comments.Filtering;

/// <summary>A comment somebody decided on.</summary>
/// <param name="Comment">The comment.</param>
/// <param name="IsSpam">True for spam, false for a genuine one.</param>
public sealed record FilterDecision(CommentTraits Comment, bool IsSpam);
