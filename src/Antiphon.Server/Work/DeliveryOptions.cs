using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Work;

/// <summary>How work that was handed on is done, section "Delivery".</summary>
internal sealed class DeliveryOptions
{
    /// <summary>Deliveries to channels that go side by side in one process. Default 16.</summary>
    [Range(1, 1000)]
    public int AtOnce { get; set; } = 16;

    /// <summary>Deliveries to one channel that go side by side, over all processes. Default 4.</summary>
    [Range(1, 1000)]
    public int AtOncePerChannel { get; set; } = 4;

    /// <summary>
    /// Seconds a claim holds without being renewed; it is renewed before each step outside. After a crash what was
    /// claimed waits this long. Default 60.
    /// </summary>
    [Range(1, 3600)]
    public int LeaseSeconds { get; set; } = 60;

    /// <summary>Seconds between looks when nobody calls. Default 2.</summary>
    [Range(1, 600)]
    public int LookEverySeconds { get; set; } = 2;

    /// <summary>What the pauses between attempts are multiplied by. Default 1.</summary>
    [Range(0.0001, 10)]
    public double PauseFactor { get; set; } = 1;

    /// <summary>Failures in a row after which a channel pauses by itself. Default 5.</summary>
    [Range(1, 1_000_000)]
    public int FailuresToPause { get; set; } = 5;

    /// <summary>
    /// Times a piece of work may be begun without coming to an end, because it throws or because the server stops over
    /// it, before it is given up. Default 5.
    /// </summary>
    [Range(1, 100)]
    public int MostUnfinished { get; set; } = 5;
}
