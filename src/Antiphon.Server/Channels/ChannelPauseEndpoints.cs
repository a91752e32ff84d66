using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels;

/// <summary>
/// Pausing and resuming channels, one of them or all. What is planned meanwhile waits and loses nothing.
/// </summary>
internal static class ChannelPauseEndpoints
{
    /// <summary>Maps it.</summary>
    public static void MapChannelPauses(this RouteGroupBuilder site)
    {
        var channels = site.MapGroup("/channels/set-up").WithTags("Channels");
        channels.MapPost("/{channel:long}/pause", Pause).Needs(SiteRight.Edit).WithName("pauseChannel");
        channels.MapPost("/{channel:long}/resume", Resume).Needs(SiteRight.Edit).WithName("resumeChannel");
        channels
            .MapPost("/pause", PauseAll)
            .Needs(SiteRight.Edit)
            .WithName("pauseChannels")
            .WithSummary("Pauses every channel of the site.");
        channels.MapPost("/resume", ResumeAll).Needs(SiteRight.Edit).WithName("resumeChannels");
    }

    private static Task<Results<NoContent, NotFound>> Pause(
        long site,
        long channel,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        SetPausedAsync(
            database.Channels.Where(row => row.SiteId == site && row.Id == channel),
            clock.GetUtcNow(),
            cancellation
        );

    private static async Task<Results<NoContent, NotFound>> Resume(
        long site,
        long channel,
        AntiphonContext database,
        ChannelSignal signal,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        // What failed in a way that may pass is tried at once, not when its pause would have ended.
        await database
            .ChannelDeliveries.Where(delivery =>
                delivery.SiteId == site && delivery.ChannelId == channel && delivery.State == DeliveryState.Retrying
            )
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(delivery => delivery.NextAttemptAt, now)
                        .SetProperty(delivery => delivery.Attempts, delivery => Math.Min(delivery.Attempts, 3)),
                cancellation
            );
        var done = await SetPausedAsync(
            database.Channels.Where(row => row.SiteId == site && row.Id == channel),
            null,
            cancellation
        );
        signal.Wake();
        return done;
    }

    private static async Task<NoContent> PauseAll(
        long site,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        await SetPausedAsync(
            database.Channels.Where(channel => channel.SiteId == site && channel.PausedAt == null),
            clock.GetUtcNow(),
            cancellation
        );
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> ResumeAll(
        long site,
        AntiphonContext database,
        ChannelSignal signal,
        CancellationToken cancellation
    )
    {
        await SetPausedAsync(
            database.Channels.Where(channel =>
                channel.SiteId == site && channel.PausedAt != null && channel.PauseReason == null
            ),
            null,
            cancellation
        );
        signal.Wake();
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound>> SetPausedAsync(
        IQueryable<Channel> channels,
        DateTimeOffset? at,
        CancellationToken cancellation
    )
    {
        var changed = await channels
            .Where(channel => channel.ArchivedAt == null)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(channel => channel.PausedAt, at)
                        .SetProperty(channel => channel.PauseReason, (string?)null)
                        .SetProperty(channel => channel.FailuresInRow, 0)
                        .SetProperty(channel => channel.FailedAt, (DateTimeOffset?)null),
                cancellation
            );
        return changed == 0 ? TypedResults.NotFound() : TypedResults.NoContent();
    }
}
