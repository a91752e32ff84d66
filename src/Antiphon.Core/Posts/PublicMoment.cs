namespace Antiphon.Core.Posts;

/// <summary>When a post is public: the one rule for pages, listings, feeds, mails and channels.</summary>
public static class PublicMoment
{
    /// <summary>Whether readers can see a post.</summary>
    /// <param name="status">Its status.</param>
    /// <param name="publishedAt">Its date; what comes from a feed or a table may have one that is still to
    /// come.</param>
    /// <param name="isDeleted">Whether it is in the bin.</param>
    /// <param name="now">The moment.</param>
    public static bool IsPublic(PostStatus status, DateTimeOffset? publishedAt, bool isDeleted, DateTimeOffset now) =>
        status == PostStatus.Published && !isDeleted && publishedAt <= now;

    /// <summary>
    /// The date of a post that is published by somebody now. A date that is still to come is one that was planned
    /// before: published is published, and never unseen.
    /// </summary>
    /// <param name="planned">The date it has, or null.</param>
    /// <param name="now">The moment.</param>
    public static DateTimeOffset DateFor(DateTimeOffset? planned, DateTimeOffset now) =>
        planned is { } date && date <= now ? date : now;
}
