using Antiphon.Core.Mailing.Returns;
using Antiphon.Server.Outgoing.Mail;
using MimeKit;

namespace Antiphon.Server.Mailing.Returns;

/// <summary>Reads what mail servers send back: reports of delivery (RFC 3464) and of complaints (RFC 5965).</summary>
/// <param name="addresses">Tells addresses that we signed.</param>
internal sealed class ReturnReader(ReturnAddress addresses)
{
    /// <summary>
    /// The returns a mail tells of that lay in the mailbox, where anybody may put one: only those that came to an
    /// address we signed, which tells the mail and so the subscriber.
    /// </summary>
    public IReadOnlyList<MailReturn> Read(MimeMessage mail) =>
        SignedKeyOf(mail) is { } key ? [.. Read(mail, key).Select(back => back with { Address = null })] : [];

    /// <summary>
    /// The returns of a report that a program passed on that knows our token: by the mail it tells of, or by the
    /// address.
    /// </summary>
    public IReadOnlyList<MailReturn> ReadTrusted(MimeMessage mail) =>
        Read(
            mail,
            SignedKeyOf(mail)
                ?? (mail.Body as MultipartReport)
                    ?.OfType<MessagePart>()
                    .Select(part => part.Message?.MessageId)
                    .OfType<string>()
                    .FirstOrDefault()
                    ?.Split('@')[0]
        );

    private static IReadOnlyList<MailReturn> Read(MimeMessage mail, string? key)
    {
        if (mail.Body is not MultipartReport report)
            return [];
        if (report.OfType<MessageDeliveryStatus>().FirstOrDefault() is { } status)
            return [.. Groups(status).Select(group => OfGroup(group, key)).OfType<MailReturn>()];
        return report.OfType<MessageFeedbackReport>().FirstOrDefault() is { } feedback
            ? [OfComplaint(feedback, key)]
            : [];
    }

    // The first group is about the mail as a whole, each further one about a receiver (RFC 3464 §2.1).
    private static IEnumerable<HeaderList> Groups(MessageDeliveryStatus status) =>
        status.StatusGroups.Where(group => group.Contains("Status") || group.Contains("Action"));

    private static MailReturn? OfGroup(HeaderList fields, string? key)
    {
        var status = fields["Status"]?.Trim() ?? string.Empty;
        var action = fields["Action"]?.Trim() ?? string.Empty;
        ReturnKind? kind =
            status.Length > 0
                ? status[0] switch
                {
                    '5' => ReturnKind.Hard,
                    '4' => ReturnKind.Soft,
                    _ => null,
                }
            : string.Equals(action, "failed", StringComparison.OrdinalIgnoreCase) ? ReturnKind.Hard
            : null;
        return kind is null
            ? null
            : new MailReturn(
                kind.Value,
                AddressIn(fields["Original-Recipient"]) ?? AddressIn(fields["Final-Recipient"]),
                key,
                AfterType(fields["Diagnostic-Code"]) ?? status
            );
    }

    private static MailReturn OfComplaint(MessageFeedbackReport report, string? key) =>
        new(
            ReturnKind.Complaint,
            AddressIn(report.Fields["Original-Rcpt-To"]) ?? AddressIn(report.Fields["Removal-Recipient"]),
            key,
            "The reader called the mail unwanted."
        );

    private string? SignedKeyOf(MimeMessage mail) =>
        mail
            .To.Mailboxes.Select(address => address.Address)
            .Append(mail.Headers["Delivered-To"])
            .Append(mail.Headers["X-Original-To"])
            .OfType<string>()
            .Select(addresses.KeyOf)
            .OfType<string>()
            .FirstOrDefault();

    private static string? AddressIn(string? field) =>
        AfterType(field)?.Trim('<', '>', ' ') is { Length: > 0 } address
        && address.Contains('@', StringComparison.Ordinal)
            ? address
            : null;

    // "rfc822; name@host" and "smtp; 550 words".
    private static string? AfterType(string? field) =>
        field is null ? null : field[(field.IndexOf(';', StringComparison.Ordinal) + 1)..].Trim();
}
