using MailKit;
using MailKit.Net.Smtp;

namespace Antiphon.Server.Mail;

/// <summary>Tells failures of sending apart, the same for every kind of mail.</summary>
internal static class MailFailure
{
    /// <summary>True when trying again cannot help: the server refused for good (RFC 5321 §4.2.1), or no mail can be made for the address.</summary>
    public static bool IsFinal(Exception failure) =>
        failure is SmtpCommandException { StatusCode: >= (SmtpStatusCode)500 } or FormatException or ArgumentException or MimeKit.ParseException;

    /// <summary>True when the server refused this receiver, and not the mail or us.</summary>
    public static bool IsAboutReceiver(Exception failure) => failure is SmtpCommandException { ErrorCode: SmtpErrorCode.RecipientNotAccepted };

    /// <summary>True when it may go better later.</summary>
    public static bool IsPassing(Exception failure) => !IsFinal(failure)
        && failure is (SmtpCommandException or SmtpProtocolException or ServiceNotConnectedException or IOException or System.Net.Sockets.SocketException or TimeoutException);
}
