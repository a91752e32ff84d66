using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Core.Syndication.Hub;

/// <summary>Signs what a hub sends (WebSub §7.1).</summary>
public static class HubSignature
{
    /// <summary>Value of the header X-Hub-Signature.</summary>
    public static string Of(string secret, byte[] content) => "sha256=" + Convert.ToHexStringLower(HMACSHA256.HashData(Encoding.UTF8.GetBytes(secret), content));
}
