using Antiphon.Core.Channels;
using Antiphon.Core.Referrals;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Partners;

/// <summary>/api/sites/{site}/partner-feeds, and /feeds/partners/{key} by which partners read them.</summary>
internal static class PartnerFeedEndpoints
{
    private const int LongestName = 80;
    private static readonly string[] Reading = ["GET", "HEAD"];

    /// <summary>Maps what the team does.</summary>
    public static void MapPartnerFeeds(this RouteGroupBuilder site)
    {
        var feeds = site.MapGroup("/partner-feeds").WithTags("Feeds");
        feeds.MapGet("", List).Needs(SiteRight.SeeReaders).WithName("listPartnerFeeds");
        feeds.MapPost("", Add).Needs(SiteRight.Edit).WithName("addPartnerFeed");
        feeds.MapPut("/{feed:long}", Change).Needs(SiteRight.Edit).WithName("changePartnerFeed");
        feeds
            .MapPost("/{feed:long}/end", End)
            .Needs(SiteRight.Edit)
            .WithName("endPartnerFeed")
            .WithSummary("Ends a partner's address; from then on it says that it is gone.");
        feeds.MapPost("/{feed:long}/resume", Resume).Needs(SiteRight.Edit).WithName("resumePartnerFeed");
    }

    /// <summary>Maps the feeds in every form.</summary>
    public static void MapPublicPartnerFeeds(this WebApplication app)
    {
        foreach (var form in FeedForm.All)
            app.MapMethods(
                    "/feeds/partners/{key}" + form.Suffix,
                    Reading,
                    (
                        string key,
                        HttpContext http,
                        AntiphonContext database,
                        PartnerFeedReader feeds,
                        TimeProvider clock
                    ) => AnswerAsync(key, form, http, database, feeds, clock)
                )
                .ExcludeFromDescription()
                .ForAnybody();
    }

    private static async Task<IResult> AnswerAsync(
        string key,
        FeedForm form,
        HttpContext http,
        AntiphonContext database,
        PartnerFeedReader feeds,
        TimeProvider clock
    )
    {
        var partner = await database
            .PartnerFeeds.AsNoTracking()
            .Include(partnerFeed => partnerFeed.Site)
            .FirstOrDefaultAsync(partnerFeed => partnerFeed.Key == key, http.RequestAborted);
        if (partner is null)
            return TypedResults.Text("There is no feed at this address.", statusCode: StatusCodes.Status404NotFound);
        if (partner.EndedAt is not null)
            return TypedResults.Text("This feed was ended.", statusCode: StatusCodes.Status410Gone);
        var now = clock.GetUtcNow();
        if (HttpMethods.IsGet(http.Request.Method))
            await database
                .PartnerFeeds.Where(partnerFeed => partnerFeed.Id == partner.Id)
                .ExecuteUpdateAsync(
                    set =>
                        set.SetProperty(partnerFeed => partnerFeed.Reads, partnerFeed => partnerFeed.Reads + 1)
                            .SetProperty(partnerFeed => partnerFeed.LastReadAt, now),
                    http.RequestAborted
                );
        var feed = await feeds.ReadAsync(partner, form, http.RequestAborted);
        return PublicFeedEndpoints.Answer(http, form.Write(feed), form.ContentType, feed.Updated);
    }

    private static async Task<Ok<List<PartnerFeedView>>> List(
        long site,
        AntiphonContext database,
        PartnerFeedReader feeds,
        CancellationToken cancellation
    )
    {
        var rows = await database
            .PartnerFeeds.AsNoTracking()
            .Where(feed => feed.SiteId == site)
            .OrderBy(feed => feed.Id)
            .ToListAsync(cancellation);
        var brought = await database
            .ArrivalCounts.Where(count => count.SiteId == site && count.Kind == ArrivalKind.Link)
            .GroupBy(count => count.Source)
            .Select(group => new { group.Key, Count = group.Sum(count => count.Count) })
            .ToDictionaryAsync(group => group.Key, group => group.Count, cancellation);
        return TypedResults.Ok(
            rows.ConvertAll(row =>
                View(row, feeds) with
                {
                    Brought = row.Source.Length > 0 ? brought.GetValueOrDefault(row.Source) : 0,
                }
            )
        );
    }

    private static PartnerFeedView View(PartnerFeed feed, PartnerFeedReader feeds) =>
        new(
            feed.Id,
            feed.Name,
            feed.Choice,
            feed.IsFullText,
            feed.Source,
            feed.CreatedAt,
            feed.EndedAt,
            feed.Reads,
            feed.LastReadAt,
            0,
            [.. FeedForm.All.Select(form => new PartnerAddress(form.Name, feeds.AddressOf(feed.Key, form)))]
        );

    private static async Task<Results<Ok<PartnerFeedView>, ValidationProblem>> Add(
        long site,
        PartnerFeedRequest request,
        AntiphonContext database,
        PartnerFeedReader feeds,
        IKeySource keys,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var feed = new PartnerFeed
        {
            SiteId = site,
            Key = keys.NewKey(24),
            CreatedAt = clock.GetUtcNow(),
        };
        if (Apply(request, feed) is { } problem)
            return problem;
        database.PartnerFeeds.Add(feed);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(View(feed, feeds));
    }

    private static async Task<Results<Ok<PartnerFeedView>, NotFound, ValidationProblem>> Change(
        long site,
        long feed,
        PartnerFeedRequest request,
        AntiphonContext database,
        PartnerFeedReader feeds,
        CancellationToken cancellation
    )
    {
        if (
            await database.PartnerFeeds.FirstOrDefaultAsync(
                partnerFeed => partnerFeed.Id == feed && partnerFeed.SiteId == site,
                cancellation
            )
            is not { } found
        )
            return TypedResults.NotFound();
        if (Apply(request, found) is { } problem)
            return problem;
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(View(found, feeds));
    }

    private static ValidationProblem? Apply(PartnerFeedRequest request, PartnerFeed feed)
    {
        if (string.IsNullOrWhiteSpace(request.Name) || request.Name.Length > LongestName)
            return FieldProblem.For("name", $"Enter who the feed is for, in up to {LongestName} characters.");
        // As it will be counted, so that both meet.
        var source =
            request.Source.Length == 0
                ? string.Empty
                : ArrivalSource.Of(request.Source, null, [])?.Name ?? string.Empty;
        if (request.Source.Length > 0 && (source != request.Source.Trim().ToLowerInvariant() || source.Length == 0))
            return FieldProblem.For("source", "Use letters, digits and hyphens, up to 60.");
        (feed.Name, feed.Choice, feed.IsFullText, feed.Source) = (
            request.Name.Trim(),
            request.Choice,
            request.IsFullText,
            source
        );
        return null;
    }

    private static Task<Results<NoContent, NotFound>> End(
        long site,
        long feed,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) => SetEndedAsync(site, feed, clock.GetUtcNow(), database, cancellation);

    private static Task<Results<NoContent, NotFound>> Resume(
        long site,
        long feed,
        AntiphonContext database,
        CancellationToken cancellation
    ) => SetEndedAsync(site, feed, null, database, cancellation);

    private static async Task<Results<NoContent, NotFound>> SetEndedAsync(
        long site,
        long feed,
        DateTimeOffset? at,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .PartnerFeeds.Where(partnerFeed => partnerFeed.Id == feed && partnerFeed.SiteId == site)
            .ExecuteUpdateAsync(set => set.SetProperty(partnerFeed => partnerFeed.EndedAt, at), cancellation) == 0
            ? TypedResults.NotFound()
            : TypedResults.NoContent();
}

/// <summary>A partner's feed as the team sees it.</summary>
/// <param name="Source">What its links name as the source of readers; empty for nothing.</param>
/// <param name="EndedAt">When it was ended, or null.</param>
/// <param name="Reads">How often it was fetched.</param>
/// <param name="Brought">Readers its links brought.</param>
/// <param name="Addresses">Its addresses.</param>
internal sealed record PartnerFeedView(
    long Id,
    string Name,
    ChannelChoice Choice,
    bool IsFullText,
    string Source,
    DateTimeOffset CreatedAt,
    DateTimeOffset? EndedAt,
    int Reads,
    DateTimeOffset? LastReadAt,
    int Brought,
    IReadOnlyList<PartnerAddress> Addresses
);

/// <summary>An address of a partner's feed.</summary>
internal sealed record PartnerAddress(string Form, string Address);

/// <summary>A partner's feed to be made or changed.</summary>
internal sealed record PartnerFeedRequest(
    string Name,
    ChannelChoice Choice,
    bool IsFullText = false,
    string Source = ""
);
