using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Core.Feeds.Hub;

/// <summary>
/// The signature of what a hub sends (WebSub §7): HMAC of the body with the secret given when subscribing.
/// </summary>
public static class HubSignature
{
    /// <summary>The header for a body, with SHA-256.</summary>
    public static string Of(ReadOnlySpan<byte> body, string secret) =>
        "sha256=" + Convert.ToHexStringLower(HMACSHA256.HashData(Encoding.UTF8.GetBytes(secret), body));

    /// <summary>
    /// True when the header is one of the methods WebSub names and fits the body; compared in constant time.
    /// </summary>
    public static bool Fits(string? header, ReadOnlySpan<byte> body, string secret)
    {
        var parts = (header ?? string.Empty).Split('=', 2);
        if (
            parts.Length != 2
            || Hash(parts[0].Trim().ToLowerInvariant(), body, Encoding.UTF8.GetBytes(secret)) is not { } expected
        )
            return false;
        return CryptographicOperations.FixedTimeEquals(
            Encoding.ASCII.GetBytes(Convert.ToHexStringLower(expected)),
            Encoding.ASCII.GetBytes(parts[1].Trim().ToLowerInvariant())
        );
    }

    // WebSub §7.1 still names SHA-1, and hubs use it; as an HMAC it is not broken.
#pragma warning disable CA5350
    private static byte[]? Hash(string method, ReadOnlySpan<byte> body, byte[] secret) =>
        method switch
        {
            "sha1" => HMACSHA1.HashData(secret, body),
            "sha256" => HMACSHA256.HashData(secret, body),
            "sha384" => HMACSHA384.HashData(secret, body),
            "sha512" => HMACSHA512.HashData(secret, body),
            _ => null,
        };
#pragma warning restore CA5350
}
