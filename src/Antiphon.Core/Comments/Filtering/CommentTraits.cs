namespace Antiphon.Core.Comments.Filtering;

/// <summary>What the filter looks at in a comment.</summary>
/// <param name="Author">Name given.</param>
/// <param name="Mail">Mail given, or empty.</param>
/// <param name="Address">Page of the writer's own, or empty.</param>
/// <param name="Body">Text as it was typed.</param>
public sealed record CommentTraits(string Author, string Mail, string Address, string Body);
