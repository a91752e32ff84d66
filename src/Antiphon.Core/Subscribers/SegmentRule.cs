namespace Antiphon.Core.Subscribers;

/// <summary>Who belongs to a segment: every part that says something must hold.</summary>
public sealed record SegmentRule
{
    /// <summary>Longest time since the last sign of life, in days.</summary>
    public const int MostDays = 3650;

    /// <summary>Everybody.</summary>
    public static SegmentRule Everybody { get; } = new();

    /// <summary>Categories of which the subscriber chose one; those who chose none chose all. Empty for any.</summary>
    public IReadOnlyList<string> Categories { get; init; } = [];

    /// <summary>How they came; empty for any way.</summary>
    public IReadOnlyList<SubscriberOrigin> Origins { get; init; } = [];

    /// <summary>Forms they came by; empty for any.</summary>
    public IReadOnlyList<long> Forms { get; init; } = [];

    /// <summary>Subscribed on this day or after it, on the site's clocks.</summary>
    public DateOnly? Since { get; init; }

    /// <summary>Subscribed on this day or before it, on the site's clocks.</summary>
    public DateOnly? Until { get; init; }

    /// <summary>Was seen within so many days: confirmed, chose what to get, or wrote a comment.</summary>
    public int? SeenWithin { get; init; }

    /// <summary>Was not seen for so many days.</summary>
    public int? SilentFor { get; init; }

    /// <summary>What cannot work, and what to do about it; null when all can.</summary>
    public (string Part, string Remedy)? Problem() =>
        Since > Until ? ("until", "The last day is before the first.")
        : SeenWithin is < 1 or > MostDays ? ("seenWithin", $"Enter from 1 to {MostDays} days.")
        : SilentFor is < 1 or > MostDays ? ("silentFor", $"Enter from 1 to {MostDays} days.")
        : SeenWithin is not null && SilentFor is not null && SilentFor >= SeenWithin
            ? ("silentFor", "“Active within” and “inactive for” contradict each other.")
        : null;
}
