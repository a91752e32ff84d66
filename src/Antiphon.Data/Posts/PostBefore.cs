using Antiphon.Core.Posts;

namespace Antiphon.Data.Posts;

/// <summary>What a post was before a change to many.</summary>
/// <param name="Id">The post.</param>
/// <param name="Revision">Its revision after the change; a later one means that somebody has worked on it
/// since.</param>
/// <param name="Category">Category.</param>
/// <param name="Tags">Tags.</param>
/// <param name="Author">Author.</param>
/// <param name="Status">Status.</param>
/// <param name="IsFeatured">Whether featured.</param>
/// <param name="CommentsOff">Whether comments were off.</param>
/// <param name="DeletedAt">When it was put into the bin.</param>
public sealed record PostBefore(
    long Id,
    int Revision,
    string? Category,
    IReadOnlyList<string> Tags,
    string? Author,
    PostStatus Status,
    bool IsFeatured,
    bool CommentsOff,
    DateTimeOffset? DeletedAt
);
