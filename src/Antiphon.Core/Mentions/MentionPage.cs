namespace Antiphon.Core.Mentions;

/// <summary>What a page of another site says about a post it links to.</summary>
/// <param name="Kind">What it does with the post.</param>
/// <param name="Author">Who wrote it; the host where nobody is named.</param>
/// <param name="AuthorAddress">Page of the author, or null.</param>
/// <param name="Title">Its title, or null.</param>
/// <param name="Text">What it says: the answer, or the passage around the link; empty for a like or a repost.</param>
/// <param name="PublishedAt">When it says it was published, or null.</param>
public sealed record MentionPage(
    MentionKind Kind,
    string Author,
    string? AuthorAddress,
    string? Title,
    string Text,
    DateTimeOffset? PublishedAt
);
