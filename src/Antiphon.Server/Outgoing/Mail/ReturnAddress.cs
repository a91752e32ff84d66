using System.Security.Cryptography;
using System.Text;
using MimeKit;

namespace Antiphon.Server.Outgoing.Mail;

/// <summary>
/// Addresses that tell which mail came back. They are signed: anybody can write to the mailbox, and a report that names
/// an address, or a mail its forger once got, says nothing.
/// </summary>
/// <param name="secret">Secret of the installation.</param>
internal sealed class ReturnAddress(byte[] secret)
{
    private const int SignatureLength = 16;

    /// <summary>The address mails of a key come back to (the detail of RFC 5233).</summary>
    public MailboxAddress Of(string returns, string key)
    {
        var at = returns.LastIndexOf('@');
        return new MailboxAddress(string.Empty, $"{returns[..at]}+{key}-{SignatureOf(key)}{returns[at..]}");
    }

    /// <summary>The key in such an address; null where there is none, or none that we signed.</summary>
    public string? KeyOf(string address)
    {
        var (plus, at) = (address.IndexOf('+', StringComparison.Ordinal), address.LastIndexOf('@'));
        if (plus < 0 || at <= plus + 1 || address[(plus + 1)..at].Split('-') is not [var key, var signature])
            return null;
        return CryptographicOperations.FixedTimeEquals(
            Encoding.ASCII.GetBytes(signature.ToLowerInvariant()),
            Encoding.ASCII.GetBytes(SignatureOf(key))
        )
            ? key
            : null;
    }

    private string SignatureOf(string key) =>
        Convert.ToHexStringLower(HMACSHA256.HashData(secret, Encoding.ASCII.GetBytes(key)))[..SignatureLength];
}
