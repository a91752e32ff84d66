namespace Antiphon.Server.Outgoing.Mail;

/// <summary>How handing a mail over ended, and what follows for the mail.</summary>
/// <param name="Answer">What the mail server said, or why it could not be asked.</param>
/// <param name="Fault">What went wrong; null when the server took it.</param>
/// <param name="Next">When it is tried again; null when it was taken or is given up.</param>
/// <param name="Counts">Whether it was an attempt; it is none while the server takes no mail at all.</param>
internal sealed record Handover(string Answer, MailFault? Fault, DateTimeOffset? Next, bool Counts);
