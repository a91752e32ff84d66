using Antiphon.Core.Posts;
using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>Publishes scheduled posts when their time has come, also those that came due while the server was down.</summary>
internal sealed class ScheduledPublishing(IServiceScopeFactory scopes, TimeProvider clock, ILogger<ScheduledPublishing> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(TimeSpan.FromSeconds(5), clock);
        do
        {
            try
            {
                await PublishDueAsync(stoppingToken);
            }
            catch (DbUpdateConcurrencyException)
            {
                // Somebody saved the post in the same moment; the next look decides on what they left.
                log.LogInformation("A scheduled post was being saved; trying again");
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "Publishing scheduled posts failed");
            }
        }
        while (await timer.WaitForNextTickAsync(stoppingToken));
    }

    private async Task PublishDueAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var publisher = scope.ServiceProvider.GetRequiredService<PostPublisher>();
        var now = clock.GetUtcNow();
        var due = await database.Posts.Where(post => post.Status == PostStatus.Scheduled && post.PublishedAt <= now).ToListAsync(cancellation);
        foreach (var post in due)
        {
            post.Revision++;
            await publisher.PublishAsync(post, cancellation);
        }
    }
}
