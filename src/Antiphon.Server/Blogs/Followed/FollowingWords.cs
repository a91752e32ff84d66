using Antiphon.Core.Feeds.Following;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Language;

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
            return TeamTexts.Say($"The feed has an error: {detail}. Readable entries were imported.");
        return TeamTexts.Say($"The feed cannot be read: {detail}. The posts already here stay.");
    }

    /// <summary>What set the pause before the next visit.</summary>
    public static string Reason(VisitReason reason) =>
        reason switch
        {
            VisitReason.OwnRhythm => "half the typical interval between entries",
            VisitReason.TimeToLive => "the feed asks for it (ttl)",
            VisitReason.UpdatePeriod => "the feed says how often it changes",
            VisitReason.MaxAge => "cache lifetime set by the server",
            VisitReason.Skipped => "the feed asks not to be visited before",
            VisitReason.Hub => "a hub sends updates; polling is only a fallback",
            VisitReason.Failures => "backing off after failures",
            VisitReason.RetryAfter => "its server asked to wait",
            _ => "usual for a feed of which little is known",
        };
}
