using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Feeds.Monitoring;
using Antiphon.Server.Feeds.Checking;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Monitoring;

/// <summary>/api/sites/{site}/watched, and /feeds/repaired/{key} for readers.</summary>
internal static class WatchEndpoints
{
    private const int StretchesShown = 60;

    /// <summary>Maps the area.</summary>
    public static void MapWatching(this RouteGroupBuilder site)
    {
        var watched = site.MapGroup("/watched").WithTags("Watched feeds");
        watched.MapGet("", List).Needs(SiteRight.See).WithName("listWatchedFeeds");
        watched
            .MapPost("", Watch)
            .Needs(SiteRight.Edit)
            .WithName("watchFeed")
            .WithSummary(
                "Watches a feed, and publishes it repaired where that is asked for. A feed that is watched already is given back."
            );
        watched.MapPost("/{feed:long}/check", Check).Needs(SiteRight.Edit).WithName("checkWatchedFeed");
        watched.MapPut("/{feed:long}/repaired", Publish).Needs(SiteRight.Edit).WithName("publishRepairedFeed");
        watched.MapDelete("/{feed:long}", Leave).Needs(SiteRight.Edit).WithName("leaveWatchedFeed");
    }

    /// <summary>Maps the address of repaired feeds.</summary>
    public static void MapRepairedFeeds(this WebApplication app) =>
        app.MapMethods("/feeds/repaired/{key}", ["GET", "HEAD"], ShowAsync).ExcludeFromDescription().ForAnybody();

    private static async Task<IResult> ShowAsync(string key, HttpContext http, AntiphonContext database)
    {
        var feed = await database
            .WatchedFeeds.AsNoTracking()
            .FirstOrDefaultAsync(watchedFeed => watchedFeed.RepairKey == key, http.RequestAborted);
        if (feed is null)
            return TypedResults.Text("There is no feed at this address.", statusCode: StatusCodes.Status404NotFound);
        if (feed.Repaired is not null)
            return PublicFeedEndpoints.Answer(http, feed.Repaired, feed.RepairedType!, feed.RepairedAt);
        http.Response.Headers.RetryAfter = "300";
        return TypedResults.Text(
            "The original could not be read yet.",
            statusCode: StatusCodes.Status503ServiceUnavailable
        );
    }

    private static async Task<Ok<List<WatchedFeedView>>> List(
        long site,
        AntiphonContext database,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await ViewsAsync(database.WatchedFeeds.Where(feed => feed.SiteId == site), options.Value, cancellation)
        );

    private static async Task<Results<Ok<WatchedFeedView>, ValidationProblem>> Watch(
        long site,
        WatchRequest request,
        AntiphonContext database,
        FeedCheckService checks,
        WatchWorker worker,
        IKeySource keys,
        TimeProvider clock,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (
            FeedCheckEndpoints.AddressOf(request.Address ?? string.Empty) is not { } address
            || !LinkResolver.IsWeb(address.AbsoluteUri)
        )
            return FieldProblem.For(
                "address",
                "This is no web address. Write it like https://www.site.example/feed.xml."
            );
        var feed = await database.WatchedFeeds.FirstOrDefaultAsync(
            watchedFeed => watchedFeed.SiteId == site && watchedFeed.Address == address.AbsoluteUri,
            cancellation
        );
        if (feed is null)
        {
            var (fetched, problem) = await checks.FetchAsync(address, cancellation);
            if (fetched is null)
                return FieldProblem.For("address", problem!);
            var read = FeedReader.Read(fetched.Bytes, new FeedReadOptions(fetched.ContentType, fetched.Address));
            if (read.Feed is null)
                return FieldProblem.For("address", "There is no feed at this address; check it to see why.");
            var name = string.IsNullOrWhiteSpace(request.Name) ? read.Feed.Title ?? address.Host : request.Name.Trim();
            feed = new WatchedFeed
            {
                SiteId = site,
                Address = address.AbsoluteUri,
                Name = Shortened.ToLength(name, 200),
                CreatedAt = clock.GetUtcNow(),
                NextCheckAt = clock.GetUtcNow(),
            };
            database.WatchedFeeds.Add(feed);
        }

        if (request.PublishRepaired)
            feed.RepairKey ??= keys.NewKey(20);
        await database.SaveChangesAsync(cancellation);
        await worker.DoNowAsync(feed.Id, cancellation);
        return await ViewAsync(database, feed.Id, options.Value, cancellation);
    }

    private static async Task<Results<Ok<WatchedFeedView>, NotFound>> Check(
        long site,
        long feed,
        AntiphonContext database,
        WatchWorker worker,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (
            !await database.WatchedFeeds.AnyAsync(
                watchedFeed => watchedFeed.Id == feed && watchedFeed.SiteId == site,
                cancellation
            )
        )
            return TypedResults.NotFound();
        await worker.DoNowAsync(feed, cancellation);
        return await ViewAsync(database, feed, options.Value, cancellation);
    }

    // The key is kept for good once it was handed out only while it is published; publishing again gives a new address,
    // as the old one was taken back.
    private static async Task<Results<Ok<WatchedFeedView>, NotFound>> Publish(
        long site,
        long feed,
        PublishRequest request,
        AntiphonContext database,
        WatchWorker worker,
        IKeySource keys,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        if (
            await database.WatchedFeeds.FirstOrDefaultAsync(
                watchedFeed => watchedFeed.Id == feed && watchedFeed.SiteId == site,
                cancellation
            )
            is not { } found
        )
            return TypedResults.NotFound();
        found.RepairKey = request.IsPublished ? found.RepairKey ?? keys.NewKey(20) : null;
        if (!request.IsPublished)
            (found.Repaired, found.RepairedAt, found.RepairedType) = (null, null, null);
        await database.SaveChangesAsync(cancellation);
        if (request.IsPublished)
            await worker.DoNowAsync(feed, cancellation);
        return await ViewAsync(database, feed, options.Value, cancellation);
    }

    private static async Task<Results<NoContent, NotFound>> Leave(
        long site,
        long feed,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .WatchedFeeds.Where(watchedFeed =>
                watchedFeed.Id == feed && watchedFeed.SiteId == site && watchedFeed.BlogId == null
            )
            .ExecuteDeleteAsync(cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static async Task<Ok<WatchedFeedView>> ViewAsync(
        AntiphonContext database,
        long feed,
        AntiphonOptions options,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            (
                await ViewsAsync(
                    database.WatchedFeeds.Where(watchedFeed => watchedFeed.Id == feed),
                    options,
                    cancellation
                )
            ).Single()
        );

    private static async Task<List<WatchedFeedView>> ViewsAsync(
        IQueryable<WatchedFeed> feeds,
        AntiphonOptions options,
        CancellationToken cancellation
    )
    {
        var rows = await feeds
            .AsNoTracking()
            .AsSplitQuery()
            .OrderBy(feed => feed.Id)
            .Select(feed => new
            {
                feed.Id,
                feed.Name,
                feed.Address,
                IsOurs = feed.BlogId != null,
                feed.CheckedAt,
                feed.NextCheckAt,
                feed.RepairKey,
                HasRepaired = feed.Repaired != null,
                feed.RepairedChanges,
                feed.RepairedAt,
                Records = feed.Records.OrderByDescending(record => record.Id).Take(StretchesShown).ToList(),
            })
            .ToListAsync(cancellation);
        return
        [
            .. rows.Select(row => new WatchedFeedView(
                row.Id,
                row.Name,
                row.Address,
                row.IsOurs,
                row.CheckedAt,
                row.NextCheckAt,
                row.Records.Count == 0 ? null : WatchRecords.StateOf(row.Records[0]).IsGood,
                row.RepairKey is { } key
                    ? new RepairedView(
                        options.AddressOf($"feeds/repaired/{key}"),
                        row.HasRepaired ? row.RepairedChanges : null,
                        row.RepairedAt
                    )
                    : null,
                [.. row.Records.Select(ViewOf)]
            )),
        ];
    }

    private static WatchRecordView ViewOf(WatchRecord record) =>
        new(
            record.From,
            record.Until,
            record.Checks,
            record.Verdict,
            WatchRecords.Trouble(record),
            record.Errors,
            record.Warnings,
            record.Advice,
            [.. record.Findings.Select(finding => finding with { Message = TeamTexts.Say(finding.Message) })]
        );
}
