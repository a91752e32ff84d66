using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Core.Feeds.Writing;

/// <summary>Names for what has none that is an address: the same text gives the same name, for ever and everywhere.</summary>
internal static class StableName
{
    /// <summary>A UUID made of a text (RFC 9562 §5.8), as a name (RFC 4122 §3).</summary>
    public static string Of(string text)
    {
        var bytes = SHA256.HashData(Encoding.UTF8.GetBytes(text))[..16];
        bytes[6] = (byte)((bytes[6] & 0x0F) | 0x80);
        bytes[8] = (byte)((bytes[8] & 0x3F) | 0x80);
        return "urn:uuid:" + new Guid(bytes, bigEndian: true).ToString("D");
    }
}
