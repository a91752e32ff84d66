using Antiphon.Core.Channels;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Changes;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Hub;

/// <summary>
/// Whoever follows a feed through our hub is told of every change; of several while one is being told, once.
/// </summary>
internal sealed class HubPlanner(AntiphonContext database, HubSignal hub, TimeProvider clock) : IChangePlanner
{
    /// <inheritdoc/>
    public async Task PlanAsync(DeliveryAct act, Post post, bool isNews, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        await database
            .HubClients.Where(reader => reader.BlogId == post.BlogId)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(reader => reader.Wanted, reader => reader.Wanted + 1)
                        .SetProperty(reader => reader.Attempts, 0)
                        .SetProperty(reader => reader.DueAt, reader => reader.DueAt ?? now),
                cancellation
            );
        hub.Wake();
    }
}
