using Antiphon.Core.Channels.Protocols;

namespace Antiphon.Core.Channels;

/// <summary>What a receiver did with a delivery.</summary>
/// <param name="Kind">Whether it took it.</param>
/// <param name="Answer">What it said, in plain words.</param>
/// <param name="Address">Where the post stands there, or null.</param>
/// <param name="RetryAfter">How long the receiver wants to be left alone, or null.</param>
public sealed record SendOutcome(
    SendOutcomeKind Kind,
    string Answer,
    string? Address = null,
    TimeSpan? RetryAfter = null
)
{
    /// <summary>Where the receiver takes changes of the post, where that is another address; null otherwise.</summary>
    public string? EditAddress { get; init; }

    /// <summary>What was found on the way that would serve better; tests of channels tell it.</summary>
    public PartnerOffer? Offer { get; init; }

    /// <summary>Taken.</summary>
    public static SendOutcome Taken(string answer, string? address = null) =>
        new(SendOutcomeKind.Taken, answer, address);

    /// <summary>Not taken, and never will be.</summary>
    public static SendOutcome Refused(string answer) => new(SendOutcomeKind.Refused, answer);

    /// <summary>Perhaps not taken; to be tried again.</summary>
    public static SendOutcome Passing(string answer, TimeSpan? retryAfter = null) =>
        new(SendOutcomeKind.Passing, answer, RetryAfter: retryAfter);

    /// <summary>Nothing to do there.</summary>
    public static SendOutcome NotNeeded(string answer) => new(SendOutcomeKind.NotNeeded, answer);

    /// <summary>
    /// Whether an HTTP status is a failure that may pass: too many requests, a timeout of the receiver, or a fault of
    /// its own.
    /// </summary>
    public static bool MayPass(int status) => status is 408 or 425 or 429 or >= 500;
}

/// <summary>Kinds of outcomes.</summary>
public enum SendOutcomeKind
{
    /// <summary>Taken.</summary>
    Taken,

    /// <summary>Not taken, for a reason that stays.</summary>
    Refused,

    /// <summary>A failure that may pass.</summary>
    Passing,

    /// <summary>There was nothing to be done.</summary>
    NotNeeded,
}
