using Antiphon.Core.Feeds.Following;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>The state of following, in words.</summary>
internal static class FollowingWords
{
    /// <summary>The view, or null for a blog written here.</summary>
    public static FollowingView? ViewOf(Following? following) =>
        following is null
            ? null
            : new FollowingView(
                following.FeedAddress,
                following.LastVisitAt,
                following.LastGoodAt,
                following.NextVisitAt,
                following.Failures,
                Problem(following.Problem, following.ProblemDetail)
            );

    /// <summary>What went wrong, in one or two sentences; null when nothing did.</summary>
    public static string? Problem(string? code, string? detail)
    {
        if (code is null)
            return null;
        if (Enum.TryParse<FetchProblem>(code, out var problem))
            return FetchWords.For(problem, detail);
        if (code == FeedVisit.Broken)
            return $"The feed has a break in it: {detail}. What could be read was taken over.";
        return $"The feed cannot be read: {detail}. The posts already here stay.";
    }

    /// <summary>What set the pause before the next visit.</summary>
    public static string Reason(VisitReason reason) =>
        reason switch
        {
            VisitReason.OwnRhythm => "half of the usual time between its entries",
            VisitReason.TimeToLive => "the feed asks for it (ttl)",
            VisitReason.UpdatePeriod => "the feed says how often it changes",
            VisitReason.MaxAge => "its server says how long a copy keeps",
            VisitReason.Skipped => "the feed asks not to be visited before",
            VisitReason.Hub => "a hub tells of changes at once; visits are only a safeguard",
            VisitReason.Failures => "longer after every failure",
            VisitReason.RetryAfter => "its server asked to wait",
            _ => "usual for a feed of which little is known",
        };
}
