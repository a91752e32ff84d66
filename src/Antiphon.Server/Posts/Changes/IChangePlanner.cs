using Antiphon.Core.Channels;
using Antiphon.Data.Posts;

namespace Antiphon.Server.Posts.Changes;

/// <summary>
/// Plans what a public change of a post brings on one way out. Each way has its own; all hear of the same changes,
/// whoever or whatever made them.
/// </summary>
internal interface IChangePlanner
{
    /// <summary>Plans it in the caller's transaction; the caller saves.</summary>
    /// <param name="act">What happened: it became public, its public content changed, or it is public no more.</param>
    /// <param name="post">The post as it is now, also in the bin, tracked, with its blog, site and how it is
    /// followed.</param>
    /// <param name="isNews">Whether it became public lately. What did longer ago comes from elsewhere, and nobody waits
    /// for it.</param>
    /// <param name="cancellation">Ends it early.</param>
    Task PlanAsync(DeliveryAct act, Post post, bool isNews, CancellationToken cancellation);
}
