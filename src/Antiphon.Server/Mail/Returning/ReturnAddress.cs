using MimeKit;

namespace Antiphon.Server.Mail.Returning;

/// <summary>Addresses that tell which mail came back.</summary>
internal static class ReturnAddress
{
    /// <summary>The address mails of a key come back to (the detail of RFC 5233).</summary>
    public static MailboxAddress Of(string returns, string key)
    {
        var at = returns.LastIndexOf('@');
        return new MailboxAddress(string.Empty, $"{returns[..at]}+{key}{returns[at..]}");
    }

    /// <summary>The key in such an address; null where there is none.</summary>
    public static string? KeyOf(string address)
    {
        var (plus, at) = (address.IndexOf('+', StringComparison.Ordinal), address.LastIndexOf('@'));
        return plus >= 0 && at > plus + 1 ? address[(plus + 1)..at] : null;
    }
}
