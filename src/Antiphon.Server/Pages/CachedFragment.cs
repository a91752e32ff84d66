using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Server.Pages;

/// <summary>Bytes ready to be sent, with their validator.</summary>
/// <param name="Body">UTF-8.</param>
/// <param name="ETag">Strong validator, quoted.</param>
internal sealed record CachedFragment(byte[] Body, string ETag)
{
    /// <summary>Makes the validator from the text, so that equal text keeps it across processes and restarts.</summary>
    public static CachedFragment Of(string text)
    {
        var body = Encoding.UTF8.GetBytes(text);
        return new CachedFragment(body, $"\"{Convert.ToHexStringLower(SHA256.HashData(body).AsSpan(0, 10))}\"");
    }
}
