using Antiphon.Data.Entities;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Blogs;

/// <summary>The state of following, in words.</summary>
internal static class FollowingWords
{
    /// <summary>The view, or null for a blog written here.</summary>
    public static FollowingView? ViewOf(Following? following) => following is null ? null : new FollowingView(
        following.FeedAddress, following.LastVisitAt, following.LastGoodAt, following.NextVisitAt, following.Failures, Problem(following));

    private static string? Problem(Following following)
    {
        if (following.Problem is null) return null;
        if (Enum.TryParse<FetchProblem>(following.Problem, out var problem)) return FetchWords.For(problem, following.ProblemDetail);
        return $"The feed cannot be read: {following.ProblemDetail}. The posts already here stay.";
    }
}
