using MimeKit;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>Tells mail addresses from other text.</summary>
internal static class MailAddresses
{
    private const int Longest = 200;

    /// <summary>Whether the text is one bare address, with nothing around it.</summary>
    public static bool IsOne(string? text) =>
        text?.Trim() is { Length: > 0 and <= Longest } mail
        && MailboxAddress.TryParse(mail, out var parsed)
        && parsed.Address.Contains('@', StringComparison.Ordinal)
        && parsed.Address == mail;
}
