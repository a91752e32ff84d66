using System.Threading.Channels;

namespace Antiphon.Server.Channels;

/// <summary>Wakes the delivery worker of this process; other processes find the outbox at their next look.</summary>
internal sealed class DeliverySignal
{
    private readonly Channel<bool> _channel = Channel.CreateBounded<bool>(new BoundedChannelOptions(1) { FullMode = BoundedChannelFullMode.DropWrite });

    /// <summary>Says that the outbox has something new.</summary>
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
