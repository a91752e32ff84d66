using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>How tokens are stored.</summary>
internal static class TokenHash
{
    /// <summary>SHA-256, hexadecimal. Tokens are long and random, so no salt and no slow hash is needed.</summary>
    public static string Of(string token) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(token)));
}
