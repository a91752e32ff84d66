using Antiphon.Core.Comments;

namespace Antiphon.Data.Comments;

/// <summary>
/// How many comments of a site stand so; kept by triggers, so that it costs the same however many there are.
/// </summary>
public sealed class CommentCount
{
    /// <summary>Id of the site the comment count belongs to.</summary>
    public long SiteId { get; private set; }

    /// <summary>Where they stand.</summary>
    public CommentStanding Standing { get; private set; }

    /// <summary>How many.</summary>
    public int Count { get; private set; }
}
