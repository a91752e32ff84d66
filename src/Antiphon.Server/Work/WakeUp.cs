using System.Threading.Channels;

namespace Antiphon.Server.Work;

/// <summary>Wakes a worker of this process; other processes find what there is at their next look.</summary>
internal class WakeUp
{
    private readonly Channel<bool> _channel = Channel.CreateBounded<bool>(
        new BoundedChannelOptions(1) { FullMode = BoundedChannelFullMode.DropWrite }
    );

    /// <summary>Says that there is something new.</summary>
    public void Wake() => _channel.Writer.TryWrite(true);

    /// <summary>Waits until somebody says so.</summary>
    public async Task WaitAsync(CancellationToken cancellation) => await _channel.Reader.ReadAsync(cancellation);
}
