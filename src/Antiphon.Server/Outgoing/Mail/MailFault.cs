namespace Antiphon.Server.Outgoing.Mail;

/// <summary>What a failure of handing a mail over is about.</summary>
internal enum MailFault
{
    /// <summary>The address takes no mail, for good.</summary>
    Receiver,

    /// <summary>This one mail, which will never be taken.</summary>
    Mail,

    /// <summary>It may go better later.</summary>
    Passing,

    /// <summary>
    /// The server refuses what says nothing of the address: relaying, a policy, a quota of ours. Later, and never held
    /// against the address.
    /// </summary>
    Refusal,

    /// <summary>
    /// The server cannot be reached, or does not let us in: no mail at all goes out until that is mended.
    /// </summary>
    Server,
}
