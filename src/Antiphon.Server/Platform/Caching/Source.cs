namespace Antiphon.Server.Platform.Caching;

/// <summary>What an answer would be made from at this moment.</summary>
/// <param name="scope">Services it is read with; disposed of with this.</param>
/// <param name="version">Version of what it is made from; equal versions make equal answers until the moment the answer
/// names.</param>
/// <param name="make">Makes the answer; null when there is none.</param>
internal sealed class Source<TValue>(
    AsyncServiceScope scope,
    object version,
    Func<IServiceProvider, CancellationToken, Task<Made<TValue>?>> make
) : IAsyncDisposable
{
    /// <summary>Looks it up with services of its own.</summary>
    /// <param name="scopes">Where the services come from.</param>
    /// <param name="look">Gives the version and what makes the answer; null when there is nothing.</param>
    public static async Task<Source<TValue>?> LookAsync(
        IServiceScopeFactory scopes,
        Func<
            IServiceProvider,
            Task<(object Version, Func<IServiceProvider, CancellationToken, Task<Made<TValue>?>> Make)?>
        > look
    )
    {
        var scope = scopes.CreateAsyncScope();
        try
        {
            if (await look(scope.ServiceProvider) is var (version, make))
                return new Source<TValue>(scope, version, make);
        }
        catch
        {
            await scope.DisposeAsync();
            throw;
        }

        await scope.DisposeAsync();
        return null;
    }

    /// <summary>Version of what it is made from.</summary>
    public object Version => version;

    /// <summary>Makes the answer; null when there is none.</summary>
    public Task<Made<TValue>?> MakeAsync(CancellationToken cancellation) => make(scope.ServiceProvider, cancellation);

    /// <inheritdoc/>
    public ValueTask DisposeAsync() => scope.DisposeAsync();
}

/// <summary>An answer.</summary>
/// <param name="Value">What it is.</param>
/// <param name="Size">Its size, in the measure of the cache.</param>
/// <param name="Until">The moment at which it changes though nothing is written.</param>
internal sealed record Made<TValue>(TValue Value, long Size, DateTimeOffset Until);
