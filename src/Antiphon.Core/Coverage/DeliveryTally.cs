namespace Antiphon.Core.Coverage;

/// <summary>The deliveries of one post through one channel, counted; cancelled ones are left out.</summary>
/// <param name="Total">All.</param>
/// <param name="Open">Queued, sending or retrying.</param>
/// <param name="Failed">Given up.</param>
public sealed record DeliveryTally(int Total, int Open, int Failed)
{
    /// <summary>No delivery at all.</summary>
    public static DeliveryTally None { get; } = new(0, 0, 0);
}
