using Antiphon.Core.Channels;
using Antiphon.Core.Referrals;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Referrals;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Referrals;

/// <summary>
/// /api/sites/{site}/channels/arrivals: what brought readers; and /embed/came/{siteKey}, by which pages of the site
/// tell of them.
/// </summary>
internal static class ArrivalEndpoints
{
    private const int MostDays = 365;
    private const int ShownSources = 30;
    private const int ShownPosts = 30;
    private const int SourcesOfPost = 4;

    /// <summary>Registers the counting.</summary>
    public static void AddArrivals(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<ChannelYields>();
        builder.Services.AddSingleton<ArrivalCounting>();
        builder.Services.AddHostedService(services => services.GetRequiredService<ArrivalCounting>());
    }

    /// <summary>Maps what the team reads.</summary>
    public static void MapArrivals(this RouteGroupBuilder site) =>
        site.MapGet("/channels/arrivals", Get)
            .WithTags("Channels")
            .Needs(SiteRight.See)
            .WithName("getArrivals")
            .WithSummary("Visits by day, source and post.");

    /// <summary>Maps what pages tell.</summary>
    public static void MapArrivalReports(this WebApplication app) =>
        app.MapPost("/embed/came/{siteKey}", Tell)
            .DisableAntiforgery()
            .RequireRateLimiting(RateLimits.Voices)
            .ExcludeFromDescription()
            .ForAnybody();

    private static async Task<NoContent> Tell(
        string siteKey,
        string? id,
        string? from,
        string? by,
        HttpContext http,
        AntiphonContext database,
        ArrivalCounting counting,
        CancellationToken cancellation
    )
    {
        http.Response.Headers.AccessControlAllowOrigin = "*";
        var thread = await database
            .Threads.AsNoTracking()
            .Include(commentThread => commentThread.Site)
            .Where(commentThread =>
                commentThread.Site.PublicKey == siteKey
                && commentThread.Identifier == id
                && commentThread.PostId != null
            )
            .FirstOrDefaultAsync(cancellation);
        if (thread is not null)
            counting.Note(thread.PostId!.Value, thread.Site, http.Request, from, by);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<ArrivalsView>> Get(
        long site,
        int? days,
        AntiphonContext database,
        ChannelYields yields,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var zone = await database.TimeZoneOfAsync(site, cancellation);
        var last = DateOnly.FromDateTime(SiteCulture.Local(clock.GetUtcNow(), zone).DateTime);
        var first = last.AddDays(1 - Math.Clamp(days ?? 30, 7, MostDays));
        var since = clock.GetUtcNow().AddDays(first.DayNumber - last.DayNumber - 1);
        var counts = database.ArrivalCounts.AsNoTracking().Where(count => count.SiteId == site && count.Day >= first);
        var names = await NamesAsync(site, database, cancellation);
        var totals = await counts
            .GroupBy(count => new { count.Kind, count.Source })
            .Select(group => new
            {
                group.Key.Kind,
                group.Key.Source,
                Count = group.Sum(count => count.Count),
            })
            .OrderByDescending(row => row.Count)
            .Take(ShownSources)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new ArrivalsView(
                await DaysAsync(
                    counts,
                    (first, last),
                    [.. totals.Select(total => (total.Kind, total.Source))],
                    cancellation
                ),
                [.. totals.Select(row => new ArrivalSourceView(row.Kind, names(row.Kind, row.Source), row.Count))],
                await PostsAsync(counts, names, cancellation),
                await yields.OfMailAsync(site, since, cancellation),
                await yields.OfChannelsAsync(site, since, counts, cancellation)
            )
        );
    }

    // A row for every day, also for those on which nobody came.
    private static async Task<IReadOnlyList<ArrivalDay>> DaysAsync(
        IQueryable<ArrivalCount> counts,
        (DateOnly First, DateOnly Last) days,
        IReadOnlyList<(ArrivalKind Kind, string Source)> sources,
        CancellationToken cancellation
    )
    {
        var byDay = await counts
            .GroupBy(count => new
            {
                count.Day,
                count.Kind,
                count.Source,
            })
            .Select(group => new
            {
                group.Key.Day,
                group.Key.Kind,
                group.Key.Source,
                Count = group.Sum(count => count.Count),
            })
            .ToListAsync(cancellation);
        var lookup = byDay.ToLookup(row => row.Day);
        return
        [
            .. Enumerable
                .Range(0, days.Last.DayNumber - days.First.DayNumber + 1)
                .Select(days.First.AddDays)
                .Select(day => new ArrivalDay(
                    day,
                    [
                        .. sources.Select(source =>
                            lookup[day]
                                .Where(row => row.Kind == source.Kind && row.Source == source.Source)
                                .Sum(row => row.Count)
                        ),
                    ]
                )),
        ];
    }

    private static async Task<IReadOnlyList<ArrivalPost>> PostsAsync(
        IQueryable<ArrivalCount> counts,
        Func<ArrivalKind, string, string> names,
        CancellationToken cancellation
    )
    {
        var posts = await counts
            .GroupBy(count => new { count.PostId, count.Post.Title })
            .Select(group => new
            {
                group.Key.PostId,
                group.Key.Title,
                Count = group.Sum(count => count.Count),
            })
            .OrderByDescending(row => row.Count)
            .Take(ShownPosts)
            .ToListAsync(cancellation);
        var ids = posts.ConvertAll(row => row.PostId);
        var parts = await counts
            .Where(count => ids.Contains(count.PostId))
            .GroupBy(count => new
            {
                count.PostId,
                count.Kind,
                count.Source,
            })
            .Select(group => new
            {
                group.Key.PostId,
                group.Key.Kind,
                group.Key.Source,
                Count = group.Sum(count => count.Count),
            })
            .ToListAsync(cancellation);
        return posts.ConvertAll(post => new ArrivalPost(
            post.PostId,
            post.Title,
            post.Count,
            [
                .. parts
                    .Where(part => part.PostId == post.PostId)
                    .OrderByDescending(part => part.Count)
                    .Take(SourcesOfPost)
                    .Select(part => new ArrivalSourceView(part.Kind, names(part.Kind, part.Source), part.Count)),
            ]
        ));
    }

    // A link of a channel names what the channel was told to name; its own name says more.
    private static async Task<Func<ArrivalKind, string, string>> NamesAsync(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var channels = await database
            .Channels.AsNoTracking()
            .Where(channel =>
                channel.SiteId == site && channel.ArchivedAt == null && channel.Kind == ChannelKind.Social
            )
            .ToListAsync(cancellation);
        var known = channels
            .Where(channel => channel.Settings.CampaignSource.Length > 0)
            .GroupBy(channel => channel.Settings.CampaignSource.ToLowerInvariant())
            .ToDictionary(group => group.Key, group => group.First().Name);
        return (kind, source) =>
            kind switch
            {
                ArrivalKind.Direct => "No sender told",
                ArrivalKind.Link when source == "mail" => "Email",
                ArrivalKind.Link => known.GetValueOrDefault(source, source),
                _ => source,
            };
    }
}

/// <summary>What brought readers.</summary>
/// <param name="Days">Day by day, the first first.</param>
/// <param name="Sources">Sources, those that brought most first.</param>
/// <param name="Posts">Posts, those read most first.</param>
/// <param name="Digests">What each digest brought.</param>
/// <param name="Channels">What each network and partner brought.</param>
internal sealed record ArrivalsView(
    IReadOnlyList<ArrivalDay> Days,
    IReadOnlyList<ArrivalSourceView> Sources,
    IReadOnlyList<ArrivalPost> Posts,
    IReadOnlyList<DigestYield> Digests,
    IReadOnlyList<ChannelYield> Channels
);

/// <summary>One day.</summary>
/// <param name="Counts">Readers by each source, in the order of the sources.</param>
internal sealed record ArrivalDay(DateOnly Day, IReadOnlyList<int> Counts);

/// <summary>A source.</summary>
internal sealed record ArrivalSourceView(ArrivalKind Kind, string Name, int Count);

/// <summary>A post and what brought its readers.</summary>
internal sealed record ArrivalPost(long PostId, string Title, int Count, IReadOnlyList<ArrivalSourceView> Sources);
