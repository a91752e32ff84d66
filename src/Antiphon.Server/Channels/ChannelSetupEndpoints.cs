using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Channels.Timing;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Server.Channels.Delivering;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Channels.Sending;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels;

/// <summary>/api/sites/{site}/channels/set-up: which channels there are and how they work.</summary>
internal static class ChannelSetupEndpoints
{
    private const int LongestName = 100;
    private const int MostOlder = 50;
    private static readonly TimeSpan Lately = TimeSpan.FromDays(30);

    /// <summary>Maps the area.</summary>
    public static void MapChannelSetup(this RouteGroupBuilder site)
    {
        var channels = site.MapGroup("/channels/set-up").WithTags("Channels");
        channels.MapGet("", List).Needs(SiteRight.See).WithName("listChannels");
        channels.MapPost("", Add).Needs(SiteRight.Edit).WithName("addChannel");
        channels.MapPut("/{channel:long}", Change).Needs(SiteRight.Edit).WithName("changeChannel");
        channels
            .MapDelete("/{channel:long}", Remove)
            .Needs(SiteRight.Edit)
            .WithName("removeChannel")
            .WithSummary("Takes a channel off; what went out is kept, what was planned is cancelled.");
        channels
            .MapPost("/{channel:long}/test", Test)
            .Needs(SiteRight.Edit)
            .WithName("testChannel")
            .WithSummary("Asks the receiver whether it knows us, without sending a post.");
        channels
            .MapPost("/{channel:long}/secret", Renew)
            .Needs(SiteRight.Edit)
            .WithName("renewChannelSecret")
            .WithSummary("Makes a new secret for a webhook; the one before signs beside it for two days.");
        channels
            .MapPost("/count", Count)
            .Needs(SiteRight.Write)
            .WithName("countChannelText")
            .WithSummary("What a template makes of the latest post, counted.");
    }

    private static async Task<Ok<List<ChannelView>>> List(
        long site,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var since = clock.GetUtcNow() - Lately;
        DeliveryState[] open = [DeliveryState.Queued, DeliveryState.Sending, DeliveryState.Retrying];
        var rows = await database
            .Channels.AsNoTracking()
            .Where(channel => channel.SiteId == site && channel.ArchivedAt == null)
            .OrderBy(channel => channel.Id)
            .ToListAsync(cancellation);
        var counts = await database
            .ChannelDeliveries.Where(delivery =>
                delivery.SiteId == site && (open.Contains(delivery.State) || delivery.PlannedFor > since)
            )
            .GroupBy(delivery => delivery.ChannelId)
            .Select(group => new
            {
                group.Key,
                Open = group.Count(delivery => open.Contains(delivery.State)),
                Failed = group.Count(delivery => delivery.State == DeliveryState.Failed),
                Next = group
                    .Where(delivery => open.Contains(delivery.State) && delivery.Held == null)
                    .Min(delivery => (DateTimeOffset?)delivery.NextAttemptAt),
                Last = group.Max(delivery => delivery.DeliveredAt),
            })
            .ToDictionaryAsync(group => group.Key, cancellation);
        var full = new Dictionary<long, DateTimeOffset?>();
        foreach (var row in rows.Where(row => counts.ContainsKey(row.Id)))
            full[row.Id] = await ChannelPacing.FullUntilAsync(database, row, clock.GetUtcNow(), cancellation);
        return TypedResults.Ok(
            rows.ConvertAll(row =>
                counts.GetValueOrDefault(row.Id) is { } count
                    ? View(row) with
                    {
                        Open = count.Open,
                        Failed = count.Failed,
                        NextAt = count.Next,
                        LastAt = count.Last,
                        FullUntil = count.Open > 0 ? full[row.Id] : null,
                    }
                    : View(row)
            )
        );
    }

    private static ChannelView View(Channel row) =>
        new(
            row.Id,
            row.Kind,
            row.Name,
            row.Settings,
            row.Secret is not null,
            row.PausedAt,
            row.PauseReason,
            row.CreatedAt,
            0,
            0,
            null,
            null
        );

    private static async Task<Results<Ok<ChannelView>, ValidationProblem>> Add(
        long site,
        ChannelRequest request,
        AntiphonContext database,
        ChannelSecrets secrets,
        ChannelPlanner planner,
        PostChangeWork changes,
        IServiceProvider services,
        ChannelSignal signal,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (Problem(request) is { } problem)
            return FieldProblem.For(problem.Setting, problem.Remedy);
        var channel = new Channel
        {
            SiteId = site,
            Kind = request.Kind,
            Name = request.Name.Trim(),
            Settings = request.Settings,
            CreatedAt = clock.GetUtcNow(),
        };
        if (request.Secret is not null)
            secrets.Set(channel, request.Secret.Trim(), keepsBefore: false);
        // What happened before the channel was there is not for it, even if it was not planned yet: first what nobody
        // holds, without keeping others from writing, then the rest with the channel.
        while (await changes.DoNextAsync(cancellation))
            continue;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        await changes.PlanAllAsync(site, services, cancellation);
        database.Channels.Add(channel);
        await database.SaveChangesAsync(cancellation);
        if (request.Older > 0)
            await PlanOlderAsync(channel, request, database, planner, clock.GetUtcNow(), cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        signal.Wake();
        return TypedResults.Ok(View(channel));
    }

    private static async Task PlanOlderAsync(
        Channel channel,
        ChannelRequest request,
        AntiphonContext database,
        ChannelPlanner planner,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var posts = new List<Post>();
        // Read from the newest until there are enough; the choice of a channel is no query.
        await foreach (
            var post in database
                .Posts.Include(row => row.Blog.Site)
                .Include(row => row.Blog.Following)
                .PublicAt(now)
                .Where(row => row.SiteId == channel.SiteId)
                .OrderByDescending(row => row.ListedAt)
                .AsAsyncEnumerable()
                .WithCancellation(cancellation)
        )
        {
            if (channel.Settings.Choice.Refusal(ChannelTargets.Of(post)) is null)
                posts.Add(post);
            if (posts.Count == request.Older)
                break;
        }

        posts.Reverse();
        await planner.PlanOlderAsync(channel, posts, request.DaysApart, cancellation);
    }

    private static async Task<Results<Ok<ChannelView>, NotFound, ValidationProblem>> Change(
        long site,
        long channel,
        ChannelRequest request,
        AntiphonContext database,
        ChannelSecrets secrets,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, channel, database, cancellation) is not { } found)
            return TypedResults.NotFound();
        if (found.Kind != request.Kind)
            return FieldProblem.For("kind", "The type cannot be changed. Add a new channel.");
        if (Problem(request) is { } problem)
            return FieldProblem.For(problem.Setting, problem.Remedy);
        // A secret was given for one receiver; whoever changes the address may not be the one who knows it.
        if (HasMoved(found.Settings.Address, request.Settings.Address))
            secrets.Set(found, null, keepsBefore: false);
        (found.Name, found.Settings) = (request.Name.Trim(), request.Settings);
        if (request.Secret is not null)
            secrets.Set(found, request.Secret.Trim(), keepsBefore: false);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(View(found));
    }

    private static bool HasMoved(string before, string now) =>
        before != now
        && !(
            Uri.TryCreate(before, UriKind.Absolute, out var was)
            && Uri.TryCreate(now, UriKind.Absolute, out var isNow)
            && Credentials.SameOrigin(was, isNow)
        );

    private static (string Setting, string Remedy)? Problem(ChannelRequest request) =>
        string.IsNullOrWhiteSpace(request.Name) || request.Name.Length > LongestName
            ? ("name", "Enter a name of at most 100 characters.")
        : request.Older is < 0 or > MostOlder ? ("older", $"Send at most {MostOlder} older posts.")
        : request.DaysApart is < 0 or > 30 ? ("daysApart", "Enter at most 30 days between two posts.")
        : request.Secret?.Length > 1000 ? ("secret", "Use at most 1,000 characters.")
        : request.Settings.Problem(request.Kind);

    private static async Task<Results<NoContent, NotFound>> Remove(
        long site,
        long channel,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, channel, database, cancellation) is not { } found)
            return TypedResults.NotFound();
        (found.ArchivedAt, found.Secret, found.SecretBefore) = (clock.GetUtcNow(), null, null);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        await database.SaveChangesAsync(cancellation);
        await database
            .ChannelDeliveries.Where(delivery =>
                delivery.ChannelId == channel
                && (delivery.State == DeliveryState.Queued || delivery.State == DeliveryState.Retrying)
            )
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(delivery => delivery.State, DeliveryState.Cancelled)
                        .SetProperty(delivery => delivery.Answer, "The channel was taken off."),
                cancellation
            );
        await transaction.CommitAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<ChannelTestView>, NotFound>> Test(
        long site,
        long channel,
        AntiphonContext database,
        IEnumerable<IChannelSender> senders,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, channel, database, cancellation) is not { } found)
            return TypedResults.NotFound();
        var outcome = await senders.Single(sender => sender.Kind == found.Kind).TestAsync(found, cancellation);
        return TypedResults.Ok(
            new ChannelTestView(
                outcome.Kind is SendOutcomeKind.Taken or SendOutcomeKind.NotNeeded,
                outcome.Answer,
                outcome.Offer
            )
        );
    }

    private static async Task<Results<Ok<ChannelSecretView>, NotFound>> Renew(
        long site,
        long channel,
        AntiphonContext database,
        ChannelSecrets secrets,
        IKeySource keys,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, channel, database, cancellation) is not { Kind: ChannelKind.Webhook } found)
            return TypedResults.NotFound();
        var secret = keys.NewKey(40);
        secrets.Set(found, secret, keepsBefore: true);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(new ChannelSecretView(secret, found.SecretBeforeUntil));
    }

    private static async Task<Results<Ok<CountedView>, ValidationProblem>> Count(
        long site,
        CountRequest request,
        AntiphonContext database,
        PostFactsReader facts,
        CancellationToken cancellation
    )
    {
        var (template, problem) = TextTemplate.Read(request.Template);
        if (template is null)
            return FieldProblem.For("template", problem!);
        var post = await database
            .Posts.AsNoTracking()
            .Include(row => row.Blog.Site)
            .Where(row => row.SiteId == site && row.Status == PostStatus.Published && row.Blog.Following == null)
            .OrderByDescending(row => row.ListedAt)
            .FirstOrDefaultAsync(cancellation);
        if (post is null)
            return FieldProblem.For("template", "There is no published post yet to show it with.");
        var settings = new ChannelSettings(
            string.Empty,
            ChannelChoice.Everything,
            ChannelWhen.AtOnce,
            ChannelTiming.Always,
            request.Template
        )
        {
            CampaignSource = request.CampaignSource,
            Campaign = request.Campaign,
        };
        var composed = Composer.Compose(template, facts.Of(post, settings, ChannelKind.Social), request.Count);
        return TypedResults.Ok(
            new CountedView(composed.Text, composed.Count, request.Count.Limit, composed.Shortened, post.Title)
        );
    }

    private static Task<Channel?> FindAsync(
        long site,
        long channel,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        database.Channels.FirstOrDefaultAsync(
            row => row.SiteId == site && row.Id == channel && row.ArchivedAt == null,
            cancellation
        );
}
