using System.Threading.Channels;

namespace Antiphon.Server.Hosting;

/// <summary>Wakes a worker of this process; other processes find what there is at their next look.</summary>
internal abstract class WakeUp
{
    private readonly Channel<bool> _channel = Channel.CreateBounded<bool>(new BoundedChannelOptions(1) { FullMode = BoundedChannelFullMode.DropWrite });

    /// <summary>Says that there is something new.</summary>
    public void Wake() => _channel.Writer.TryWrite(true);

    /// <summary>Waits for a wake-up or the given time.</summary>
    public async Task WaitAsync(TimeSpan longest, CancellationToken cancellation)
    {
        using var time = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        time.CancelAfter(longest);
        try
        {
            await _channel.Reader.ReadAsync(time.Token);
        }
        catch (OperationCanceledException) when (!cancellation.IsCancellationRequested)
        {
            // Nobody called; the worker looks all the same.
        }
    }
}
