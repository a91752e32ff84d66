using Antiphon.Core.Mailing.Returns;

namespace Antiphon.Core.Subscribers;

/// <summary>A subscriber in a list.</summary>
/// <param name="Mail">Address.</param>
/// <param name="Name">Name, or null.</param>
/// <param name="Since">Since when.</param>
/// <param name="Left">When they ended the mails, or null.</param>
/// <param name="Origin">How they came.</param>
/// <param name="Reason">What the team wrote about why they are here, or null.</param>
public sealed record ListedSubscriber(
    string Mail,
    string? Name,
    DateTimeOffset Since,
    DateTimeOffset? Left,
    SubscriberOrigin Origin,
    string? Reason
)
{
    /// <summary>Until when they want no mail, or null.</summary>
    public DateTimeOffset? PausedUntil { get; init; }

    /// <summary>Why the address gets no mail, or null.</summary>
    public Suppression? Suppressed { get; init; }
}
