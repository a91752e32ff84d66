using System.Collections.Concurrent;
using Antiphon.Server.Platform.Storage;
using Microsoft.Extensions.Caching.Memory;

namespace Antiphon.Server.Platform.Caching;

/// <summary>
/// Answers made from the database, each kept for one version of what it was made from and, where time matters, up to
/// the moment at which it changes by itself. Whoever asks while an answer is being made waits
/// for that one; nobody gets what was begun before a write of this process that came before the question.
/// </summary>
/// <param name="clock">The clock.</param>
/// <param name="writes">What this process wrote.</param>
/// <param name="terms">How answers are kept.</param>
internal sealed class VersionedCache<TKey, TValue>(TimeProvider clock, WriteCount writes, KeepingTerms terms)
    : IDisposable
    where TKey : notnull
    where TValue : class
{
    private readonly MemoryCache _kept = new(new MemoryCacheOptions { SizeLimit = terms.MostSize });
    private readonly ConcurrentDictionary<(TKey Key, long Writes), Lazy<Task<TValue?>>> _flights = new();

    /// <summary>The answer; null when there is none.</summary>
    /// <param name="key">What is asked.</param>
    /// <param name="look">Looks up what the answer would be made from now; null when there is nothing. What it gives is
    /// disposed of.</param>
    /// <param name="cancellation">Ends the waiting of this caller; the answer is made for others all the same.</param>
    public async Task<TValue?> GetAsync(
        TKey key,
        Func<CancellationToken, Task<Source<TValue>?>> look,
        CancellationToken cancellation
    )
    {
        var written = writes.Writes;
        if (_kept.Get<Entry>(key) is { } kept && IsFresh(kept, written))
            return kept.Value;
        var flight = _flights.GetOrAdd((key, written), asked => new Lazy<Task<TValue?>>(() => FlyAsync(asked, look)));
        return await flight.Value.WaitAsync(cancellation);
    }

    /// <inheritdoc/>
    public void Dispose() => _kept.Dispose();

    private bool IsFresh(Entry kept, long written) =>
        clock.GetElapsedTime(kept.LookedAt) < terms.LookEvery
        && clock.GetUtcNow() < kept.Until
        && (!terms.HeedsWrites || kept.Writes == written);

    private async Task<TValue?> FlyAsync(
        (TKey Key, long Writes) asked,
        Func<CancellationToken, Task<Source<TValue>?>> look
    )
    {
        try
        {
            // Not within the first caller's own flow, which may be cancelled.
            await Task.Yield();
            return await RenewAsync(asked.Key, asked.Writes, look);
        }
        finally
        {
            _flights.TryRemove(asked, out _);
        }
    }

    private async Task<TValue?> RenewAsync(TKey key, long written, Func<CancellationToken, Task<Source<TValue>?>> look)
    {
        var looked = clock.GetTimestamp();
        await using var source = await look(CancellationToken.None);
        if (source is null)
            return null;
        if (_kept.Get<Entry>(key) is { } kept && kept.Version.Equals(source.Version) && clock.GetUtcNow() < kept.Until)
            return Keep(key, kept with { LookedAt = looked, Writes = written });
        return await source.MakeAsync(CancellationToken.None) is { } made
            ? Keep(key, new Entry(made.Value, made.Size, source.Version, made.Until, looked, written))
            : null;
    }

    private TValue Keep(TKey key, Entry entry)
    {
        _kept.Set(
            key,
            entry,
            new MemoryCacheEntryOptions { Size = entry.Size, AbsoluteExpirationRelativeToNow = terms.Forgotten }
        );
        return entry.Value;
    }

    private sealed record Entry(
        TValue Value,
        long Size,
        object Version,
        DateTimeOffset Until,
        long LookedAt,
        long Writes
    );
}
