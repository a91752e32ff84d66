namespace Antiphon.Server.Outgoing.Mail;

/// <summary>The mail server could not be reached, or did not let us in, before any mail was spoken of.</summary>
internal sealed class MailServerException(string message, Exception inner) : Exception(message, inner);
