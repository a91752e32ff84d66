using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Core.Subscribers;

/// <summary>Tells an address again without keeping it.</summary>
public static class AddressHash
{
    /// <summary>HMAC-SHA256 (RFC 2104) of the address in small letters, as hexadecimal digits.</summary>
    /// <param name="mail">The address.</param>
    /// <param name="site">Key of the site, so that the same address is another at another site.</param>
    public static string Of(string mail, string site) =>
        Convert.ToHexString(
            HMACSHA256.HashData(Encoding.UTF8.GetBytes(site), Encoding.UTF8.GetBytes(mail.Trim().ToLowerInvariant()))
        );
}
