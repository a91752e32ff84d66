using System.Collections.Concurrent;
using System.Globalization;
using Antiphon.Core.Referrals;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Referrals;

/// <summary>
/// Counts what brings readers, without cookies and without keeping anything of them. Counts are gathered for some
/// seconds and written together, so that a page that is read a lot does not write a lot; what a
/// crash loses are those seconds.
/// </summary>
internal sealed class ArrivalCounting(
    IDbContextFactory<AntiphonContext> databases,
    IOptions<AntiphonOptions> options,
    TimeProvider clock,
    ILogger<ArrivalCounting> log
) : BackgroundService
{
    private const int MostSources = 500;
    private static readonly TimeSpan Between = TimeSpan.FromSeconds(2);
    private readonly ConcurrentDictionary<Arrival, int> _gathered = new();

    /// <summary>Counts a reader who asks for a page of ours.</summary>
    public void Note(Post post, Site site, HttpRequest request)
    {
        if (
            !HttpMethods.IsGet(request.Method)
            || request.Headers["Sec-Purpose"].ToString().Contains("prefetch", StringComparison.Ordinal)
        )
            return;
        Note(post.Id, site, request, request.Query["utm_source"], request.Headers.Referer);
    }

    /// <summary>Counts a reader of a post that stands in somebody's page.</summary>
    /// <param name="post">The post.</param>
    /// <param name="site">Its site.</param>
    /// <param name="request">What tells of it.</param>
    /// <param name="campaign">The source the page's address names, or null.</param>
    /// <param name="referrer">Host of the page before it, or null.</param>
    public void Note(long post, Site site, HttpRequest request, string? campaign, string? referrer)
    {
        if (ArrivalSource.IsProgram(request.Headers.UserAgent))
            return;
        string[] own =
        [
            request.Host.Host,
            new Uri(options.Value.PublicAddress).Host,
            HostOf(site.Address),
            .. site.AllowedAddresses.Select(HostOf),
        ];
        if (ArrivalSource.Of(campaign, referrer, own) is not { } source)
            return;
        _gathered.AddOrUpdate(
            new Arrival(
                site.Id,
                DateOnly.FromDateTime(SiteCulture.Local(clock.GetUtcNow(), site.TimeZone).DateTime),
                post,
                source
            ),
            1,
            (_, count) => count + 1
        );
    }

    /// <summary>Writes what was gathered.</summary>
    public async Task WriteAsync(CancellationToken cancellation)
    {
        if (_gathered.IsEmpty)
            return;
        await using var database = await databases.CreateDbContextAsync(cancellation);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var taken = new List<(Arrival Arrival, int Count)>();
        foreach (var arrival in _gathered.Keys)
            if (_gathered.TryRemove(arrival, out var count))
                taken.Add((arrival, count));
        try
        {
            foreach (var day in taken.GroupBy(pair => (pair.Arrival.Site, pair.Arrival.Day)))
                await WriteDayAsync(day.Key.Site, day.Key.Day, day, database, cancellation);
            await transaction.CommitAsync(cancellation);
        }
        catch
        {
            // Written the next time.
            foreach (var (arrival, count) in taken)
                _gathered.AddOrUpdate(arrival, count, (_, since) => since + count);
            throw;
        }
    }

    private static async Task WriteDayAsync(
        long site,
        DateOnly on,
        IEnumerable<(Arrival Arrival, int Count)> arrivals,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var known = (
            await database
                .ArrivalCounts.Where(arrivalCount => arrivalCount.SiteId == site && arrivalCount.Day == on)
                .Select(arrivalCount => new
                {
                    arrivalCount.PostId,
                    arrivalCount.Kind,
                    arrivalCount.Source,
                })
                .ToListAsync(cancellation)
        ).Select(row => (row.PostId, new ArrivalSource(row.Kind, row.Source))).ToHashSet();
        var day = on.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        foreach (var ((_, _, post, told), count) in arrivals)
        {
            // Whoever makes sources up fills no table, and takes nothing from those that are known.
            var source = known.Count < MostSources || known.Contains((post, told)) ? told : ArrivalSource.Direct;
            known.Add((post, source));
            await database.Database.ExecuteSqlAsync(
                $"""
                INSERT INTO ArrivalCounts (SiteId, Day, PostId, Kind, Source, Count) SELECT {site}, {day}, Id, {source.Kind.ToString()}, {source.Name}, {count} FROM Posts WHERE Id = {post}
                ON CONFLICT (SiteId, Day, PostId, Kind, Source) DO UPDATE SET Count = Count + excluded.Count
                """,
                cancellation
            );
        }
    }

    /// <inheritdoc/>
    public override async Task StopAsync(CancellationToken cancellationToken)
    {
        await base.StopAsync(cancellationToken);
        await WriteAsync(cancellationToken);
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Between, clock);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            try
            {
                await WriteAsync(stoppingToken);
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "Readers could not be counted; trying again");
            }
        }
    }

    private static string HostOf(string address) =>
        Uri.TryCreate(address, UriKind.Absolute, out var read) ? read.Host : string.Empty;

    private sealed record Arrival(long Site, DateOnly Day, long Post, ArrivalSource Source);
}
