using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Channels;

/// <summary>How the outbox is worked off, section "Delivery".</summary>
internal sealed class DeliveryOptions
{
    /// <summary>Mails claimed at once. Default 20.</summary>
    [Range(1, 1000)]
    public int BatchSize { get; set; } = 20;

    /// <summary>Seconds a claim holds; after a crash what was claimed waits this long. Default 60.</summary>
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
}
