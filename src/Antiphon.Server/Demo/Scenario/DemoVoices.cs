using Antiphon.Core.Comments;
using Antiphon.Core.Mentions;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Demo.Scenario;

/// <summary>
/// Has the neighbour's notebook write about posts of the scenario and tell us, as it would by itself. Runs once, when
/// the demo is new.
/// </summary>
internal sealed class DemoVoices(
    IServiceScopeFactory scopes,
    IHostApplicationLifetime lifetime,
    IOptions<DemoOptions> demo,
    ILogger<DemoVoices> log
) : BackgroundService
{
    private static readonly (int Post, string Kind, string Way, string Words, string Author)[] Voices =
    [
        (
            0,
            "answer",
            "webmention",
            "We had the same gap in the cloud from the tarn, ten minutes after you. The frost on the reeds looked like a second sky.",
            "Oswin Pell"
        ),
        (0, "like", "webmention", "", "Marit Sollund"),
        (
            1,
            "link",
            "webmention",
            "The observatory on the moor writes down what the rest of us only half remember.",
            "Oswin Pell"
        ),
        (2, "plain", "pingback", "Somebody keeps a log of every clear night up there.", "Oswin Pell"),
        (3, "repost", "webmention", "", "Fell & Field"),
        (
            0,
            "plain",
            "trackback",
            "Cheapest domes in the county, telescopes at dealer prices, order now and save big!",
            "Bargain Domes"
        ),
        (4, "none", "webmention", "This page forgot its link.", "Oswin Pell"),
    ];

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        // The other site reads our page before it tells us, so the server must be listening first.
        var started = new TaskCompletionSource();
        await using var registration = lifetime.ApplicationStarted.Register(() => started.TrySetResult());
        await started.Task.WaitAsync(stoppingToken);
        try
        {
            await SpeakAsync(stoppingToken);
        }
        catch (HttpRequestException failure)
        {
            log.LogWarning(
                "The demo's neighbours cannot be reached, so nobody mentions its posts: {Reason}",
                failure.Message
            );
        }
    }

    private async Task SpeakAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        if (await database.Mentions.AnyAsync(cancellation))
            return;
        var posts = await database
            .Posts.AsNoTracking()
            .Include(post => post.Blog)
            .Where(post => post.Status == PostStatus.Published && post.SourceAddress == null)
            .OrderByDescending(post => post.PublishedAt)
            .Take(5)
            .ToListAsync(cancellation);
        var addresses = scope.ServiceProvider.GetRequiredService<PostAddresses>();
        using var world = new HttpClient { BaseAddress = new Uri(demo.Value.World) };
        foreach (var (post, kind, way, words, author) in Voices.Where(voice => voice.Post < posts.Count))
        {
            using var form = new FormUrlEncodedContent(
                new Dictionary<string, string>
                {
                    ["target"] = addresses.Of(posts[post]),
                    ["kind"] = kind,
                    ["way"] = way,
                    ["words"] = words,
                    ["author"] = author,
                }
            );
            using var answer = await world.PostAsync("tarn/pages", form, cancellation);
        }

        await PublishAsync(database, cancellation);
    }

    // One of them was let stand already, so that a thread shows what a mention looks like.
    private static async Task PublishAsync(AntiphonContext database, CancellationToken cancellation)
    {
        using var look = new PeriodicTimer(TimeSpan.FromMilliseconds(200));
        for (var times = 0; times < 100 && await look.WaitForNextTickAsync(cancellation); times++)
        {
            var found = await database.Comments.FirstOrDefaultAsync(
                comment =>
                    comment.Mention!.Kind == MentionKind.Link
                    && comment.Mention.Way == MentionWay.Webmention
                    && comment.Standing == CommentStanding.Waiting,
                cancellation
            );
            if (found is null)
                continue;
            (found.Standing, found.DecidedAt) = (CommentStanding.Public, found.CreatedAt);
            await database.SaveChangesAsync(cancellation);
            return;
        }
    }
}
