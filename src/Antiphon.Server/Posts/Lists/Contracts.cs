using Antiphon.Core.Posts;

namespace Antiphon.Server.Posts.Lists;

/// <summary>A post in the list.</summary>
/// <param name="Findings">How many warnings and errors looking it over gives.</param>
/// <param name="CommentsOff">Whether nobody can comment.</param>
/// <param name="DeletedAt">When it was put into the bin, or null.</param>
internal sealed record PostSummary(
    long Id,
    string Title,
    string Slug,
    string BlogName,
    long BlogId,
    bool WrittenHere,
    string? Author,
    string? Category,
    IReadOnlyList<string> Tags,
    PostStatus Status,
    DateTimeOffset? PublishedAt,
    DateTimeOffset UpdatedAt,
    string Address,
    int Revision,
    bool IsFeatured,
    bool IsPinned,
    bool CommentsOff,
    int Findings,
    DateTimeOffset? DeletedAt
);

/// <summary>A page of the list.</summary>
/// <param name="Posts">In the order asked for.</param>
/// <param name="Next">Value of "after" for the next page, or null at the end.</param>
/// <param name="Total">How many posts the filter finds in all; null when the list was asked for without
/// counting.</param>
internal sealed record PostPage(IReadOnlyList<PostSummary> Posts, string? Next, int? Total);

/// <summary>How many posts a filter finds.</summary>
internal sealed record PostCount(int Total);

/// <summary>Words in use on a site's posts, each with the most used first.</summary>
internal sealed record TermsView(
    IReadOnlyList<string> Categories,
    IReadOnlyList<string> Tags,
    IReadOnlyList<string> Authors
);

/// <summary>A change to many posts.</summary>
/// <param name="Posts">Their ids; null takes every post that <paramref name="Found"/> finds.</param>
/// <param name="Found">What the list was narrowed to; used without ids.</param>
/// <param name="Kind">What changes.</param>
/// <param name="Words">The category, the author, or the tags; empty takes the category or author away.</param>
/// <param name="Status">The status, for that kind.</param>
/// <param name="IsOn">Whether comments are on, or posts featured, for those kinds.</param>
internal sealed record BulkRequest(
    IReadOnlyList<long>? Posts,
    BulkFilter? Found,
    BulkKind Kind,
    IReadOnlyList<string>? Words = null,
    PostStatus? Status = null,
    bool IsOn = true
);

/// <summary>What a list was narrowed to, as in its address.</summary>
internal sealed record BulkFilter(
    string? Search,
    PostStatus? Status,
    long? Blog,
    string? Author,
    string? Category,
    string? Tag,
    DateTimeOffset? From,
    DateTimeOffset? To,
    bool WithFindings,
    bool Bin,
    long? Import = null
);

/// <summary>What a change to many posts changes.</summary>
internal enum BulkKind
{
    /// <summary>The category.</summary>
    Category,

    /// <summary>Tags are added.</summary>
    AddTags,

    /// <summary>Tags are taken away.</summary>
    RemoveTags,

    /// <summary>The author.</summary>
    Author,

    /// <summary>Comments on or off.</summary>
    Comments,

    /// <summary>Featured or not.</summary>
    Featured,

    /// <summary>Withdrawn, or a draft again.</summary>
    Status,

    /// <summary>Into the bin.</summary>
    Delete,

    /// <summary>Out of the bin.</summary>
    Restore,
}

/// <summary>What a change to many posts would do.</summary>
/// <param name="Posts">How many it would touch.</param>
/// <param name="Followed">How many of those chosen are left alone, as they belong to followed blogs.</param>
/// <param name="Unchanged">How many are so already.</param>
internal sealed record BulkForecast(int Posts, int Followed, int Unchanged);

/// <summary>What a change to many posts did.</summary>
/// <param name="Change">Names it for taking it back.</param>
/// <param name="Posts">How many it touched.</param>
internal sealed record BulkResult(long Change, int Posts);

/// <summary>What taking a change back did.</summary>
/// <param name="Posts">How many are as they were.</param>
/// <param name="Kept">How many were left alone because somebody has changed them since.</param>
internal sealed record BulkUndone(int Posts, int Kept);

/// <summary>What the row of a list changes without opening the post.</summary>
internal sealed record PostSummaryEdit(
    int Revision,
    string Title,
    string? Slug,
    DateTimeOffset? PublishedAt,
    string? Category,
    IReadOnlyList<string> Tags,
    string? Author,
    bool CommentsOff
);
