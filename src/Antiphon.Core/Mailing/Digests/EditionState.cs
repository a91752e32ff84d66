namespace Antiphon.Core.Mailing.Digests;

/// <summary>How far the sending of an edition has come.</summary>
public enum EditionState
{
    /// <summary>It is being written to the outbox, one mail for each receiver.</summary>
    Gathering,

    /// <summary>Mails are on their way.</summary>
    Sending,

    /// <summary>Nothing is open any more.</summary>
    Sent,

    /// <summary>It was ended before every mail was sent.</summary>
    Cancelled,
}
