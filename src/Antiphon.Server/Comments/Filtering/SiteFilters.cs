using System.Collections.Concurrent;
using Antiphon.Core.Comments.Filtering;
using Antiphon.Data;

namespace Antiphon.Server.Comments.Filtering;

/// <summary>
/// The filter of each site, learned when it is first asked for and again once there are noticeably more decisions.
/// While it learns anew, the one before it goes on answering.
/// </summary>
internal sealed class SiteFilters(IServiceScopeFactory scopes, ILogger<SiteFilters> log)
{
    private const int FewNew = 5;
    private const int ShareNew = 50;
    private readonly ConcurrentDictionary<long, Kept> _filters = [];

    /// <summary>The filter of a site.</summary>
    public async Task<SpamFilter> OfAsync(long site, CancellationToken cancellation)
    {
        var kept = _filters.GetOrAdd(site, _ => new Kept());
        if (kept.Filter is { } filter)
        {
            if (kept.New >= Math.Max(FewNew, (filter.Spam + filter.Good) / ShareNew) && kept.TryBegin())
                _ = LearnLaterAsync(site, kept);
            return filter;
        }

        await kept.First.WaitAsync(cancellation);
        try
        {
            return kept.Filter ?? await LearnAsync(site, kept, cancellation);
        }
        finally
        {
            kept.First.Release();
        }
    }

    /// <summary>Has the filter of a site learn from the start when it is next asked for.</summary>
    public void Forget(long site) => _filters.TryRemove(site, out _);

    /// <summary>Notes that decisions were made or taken back.</summary>
    public void Note(long site, int decisions = 1)
    {
        if (_filters.TryGetValue(site, out var kept))
            kept.Add(decisions);
    }

    private async Task<SpamFilter> LearnAsync(long site, Kept kept, CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        kept.StartOver();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var decisions = await DecidedComments.ReadAsync(database, site, cancellation);
        var shared = await DecidedComments.ReadSharedAsync(database, site, cancellation);
        return kept.Filter = await Task.Run(
            () => SpamFilter.Learn([.. shared, .. decisions.Select(pair => pair.Decision)]),
            cancellation
        );
    }

    private async Task LearnLaterAsync(long site, Kept kept)
    {
        try
        {
            await LearnAsync(site, kept, CancellationToken.None);
        }
        catch (Exception failure)
        {
            log.LogError(failure, "The filter of site {Site} could not learn", site);
        }
        finally
        {
            kept.End();
        }
    }

    private sealed class Kept
    {
        private int _new;
        private int _isLearning;

        public SemaphoreSlim First { get; } = new(1);

        public SpamFilter? Filter { get; set; }

        public int New => Volatile.Read(ref _new);

        public void Add(int decisions) => Interlocked.Add(ref _new, decisions);

        public void StartOver() => Volatile.Write(ref _new, 0);

        public bool TryBegin() => Interlocked.Exchange(ref _isLearning, 1) == 0;

        public void End() => Volatile.Write(ref _isLearning, 0);
    }
}
