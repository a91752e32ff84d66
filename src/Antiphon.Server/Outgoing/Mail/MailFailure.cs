using System.Text.RegularExpressions;
using MailKit;
using MailKit.Net.Smtp;
using MailKit.Security;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>Tells failures of sending apart, the same for every kind of mail.</summary>
internal static partial class MailFailure
{
    /// <summary>
    /// What a failure is about. By the enhanced status (RFC 3463) where the server gives one: only 5.1.x and a mailbox
    /// that is full or disabled for good speak of the address.
    /// </summary>
    public static MailFault Of(Exception failure) =>
        failure switch
        {
            MailServerException or AuthenticationException or ServiceNotAuthenticatedException => MailFault.Server,
            SmtpCommandException refusal => OfAnswer(refusal),
            FormatException or ArgumentException or MimeKit.ParseException => MailFault.Mail,
            _ => MailFault.Passing,
        };

    private static MailFault OfAnswer(SmtpCommandException refusal)
    {
        var status = (int)refusal.StatusCode;
        if (status == (int)SmtpStatusCode.ServiceNotAvailable)
            return MailFault.Server;
        if (status < 500)
            return MailFault.Passing;
        if (status is 530 or 534 or 535 or 538)
            return MailFault.Server;
        var enhanced = Enhanced().Match(refusal.Message);
        if (!enhanced.Success)
            return refusal.ErrorCode == SmtpErrorCode.MessageNotAccepted ? MailFault.Mail : MailFault.Refusal;
        var (subject, detail) = (enhanced.Groups["subject"].Value, enhanced.Groups["detail"].Value);
        if (subject == "1" && refusal.ErrorCode == SmtpErrorCode.RecipientNotAccepted)
            return MailFault.Receiver;
        if (subject == "2" && detail is "1" or "2")
            return MailFault.Receiver;
        return subject == "7" || refusal.ErrorCode != SmtpErrorCode.MessageNotAccepted
            ? MailFault.Refusal
            : MailFault.Mail;
    }

    [GeneratedRegex(@"^5\.(?<subject>\d{1,3})\.(?<detail>\d{1,3})\b")]
    private static partial Regex Enhanced();
}
