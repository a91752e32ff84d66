using System.Globalization;
using System.Text;

namespace Antiphon.StandIns.Mailbox;

/// <summary>
/// What domains send back that take mail first: a report that nobody has that name (RFC 3464), that a mailbox is full,
/// or that the receiver calls the mail unwanted (RFC 5965).
/// </summary>
public sealed class Returns
{
    private const string Lost = "later.example",
        Full = "full.example",
        Unwanted = "unwanted.example";

    /// <summary>Whether a receiver never sees the mail.</summary>
    public static bool IsLost(string receiver) => DomainOf(receiver) is Lost or Full;

    /// <summary>The mail that goes back; null when nothing does.</summary>
    /// <param name="sender">Sender of the envelope.</param>
    /// <param name="receiver">Receiver.</param>
    /// <param name="source">The mail as it came.</param>
    public string? Of(string sender, string receiver, string source) =>
        DomainOf(receiver) switch
        {
            Lost => Report(sender, receiver, source, "failed", "5.1.1", "Nobody of that name"),
            Full => Report(sender, receiver, source, "delayed", "4.2.2", "The mailbox is full"),
            Unwanted => Complaint(sender, receiver, source),
            _ => null,
        };

    private static string Report(
        string sender,
        string receiver,
        string source,
        string action,
        string status,
        string reason
    )
    {
        var fields =
            $"Reporting-MTA: dns; {DomainOf(receiver)}\r\n\r\nFinal-Recipient: rfc822; {receiver}\r\nAction: {action}\r\nStatus: {status}\r\nDiagnostic-Code: smtp; {(status[0] == '5' ? 550 : 452)} {status} {reason}\r\n";
        return Multipart(
            sender,
            receiver,
            "Undelivered mail",
            "report-type=delivery-status",
            $"Your mail to {receiver} did not arrive: {reason}",
            "message/delivery-status",
            fields,
            source
        );
    }

    private static string Complaint(string sender, string receiver, string source)
    {
        var fields =
            $"Feedback-Type: abuse\r\nUser-Agent: Quarry/1.0\r\nVersion: 1\r\nOriginal-Rcpt-To: <{receiver}>\r\n";
        return Multipart(
            sender,
            receiver,
            "Unwanted mail",
            "report-type=feedback-report",
            "A reader called this mail unwanted.",
            "message/feedback-report",
            fields,
            source
        );
    }

    private static string Multipart(
        string sender,
        string receiver,
        string subject,
        string kind,
        string words,
        string type,
        string fields,
        string source
    )
    {
        var headers = source[..Math.Max(0, source.IndexOf("\r\n\r\n", StringComparison.Ordinal))];
        var boundary = "part-" + Guid.NewGuid().ToString("N");
        var mail = new StringBuilder()
            .Append(
                CultureInfo.InvariantCulture,
                $"From: <post@{DomainOf(receiver)}>\r\nTo: <{sender}>\r\nSubject: {subject}\r\nMessage-ID: <{Guid.NewGuid():N}@{DomainOf(receiver)}>\r\nDate: {DateTimeOffset.UtcNow:r}\r\nMIME-Version: 1.0\r\n"
            )
            .Append(
                CultureInfo.InvariantCulture,
                $"Content-Type: multipart/report; {kind}; boundary=\"{boundary}\"\r\n\r\n"
            );
        foreach (var (part, body) in new[] { ("text/plain", words), (type, fields), ("text/rfc822-headers", headers) })
            mail.Append(CultureInfo.InvariantCulture, $"--{boundary}\r\nContent-Type: {part}\r\n\r\n{body}\r\n");
        return mail.Append(CultureInfo.InvariantCulture, $"--{boundary}--\r\n").ToString();
    }

    private static string DomainOf(string address) => address[(address.LastIndexOf('@') + 1)..];
}
