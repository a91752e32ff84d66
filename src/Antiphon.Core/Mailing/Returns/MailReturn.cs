namespace Antiphon.Core.Mailing.Returns;

/// <summary>A mail that came back, or a complaint about one.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Address">The receiver's address; null where only the key is known.</param>
/// <param name="Key">Key of the delivery; null where only the address is known.</param>
/// <param name="Reason">What the receiving server said.</param>
public sealed record MailReturn(ReturnKind Kind, string? Address, string? Key, string Reason = "");

/// <summary>Kinds of returns.</summary>
public enum ReturnKind
{
    /// <summary>The address takes no mail for good (status class 5 of RFC 3463).</summary>
    Hard,

    /// <summary>It takes none for the time being (status class 4 of RFC 3463).</summary>
    Soft,

    /// <summary>Its owner called the mail unwanted (RFC 5965).</summary>
    Complaint,
}
