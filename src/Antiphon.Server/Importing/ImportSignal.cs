namespace Antiphon.Server.Importing;

/// <summary>Wakes the worker of imports, so that what is started begins at once.</summary>
internal sealed class ImportSignal : IDisposable
{
    private readonly SemaphoreSlim _signal = new(0);

    /// <summary>Wakes it.</summary>
    public void Wake() => _signal.Release();

    /// <summary>Waits to be woken, or for a time.</summary>
    public Task WaitAsync(TimeSpan most, CancellationToken cancellation) => _signal.WaitAsync(most, cancellation);

    /// <inheritdoc/>
    public void Dispose() => _signal.Dispose();
}
