namespace Antiphon.StandIns.Mailbox;

/// <summary>A mail in the mailbox.</summary>
/// <param name="Id">Number from 1, in order of arrival.</param>
/// <param name="To">Receiver.</param>
/// <param name="From">Sender.</param>
/// <param name="Subject">Subject.</param>
/// <param name="MessageId">Message-ID.</param>
/// <param name="ReceivedAt">When it came.</param>
/// <param name="Source">The mail as it came.</param>
public sealed record StoredMail(
    int Id,
    string To,
    string From,
    string Subject,
    string MessageId,
    DateTimeOffset ReceivedAt,
    string Source
);
