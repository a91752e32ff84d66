using System.Net;
using System.Security.Cryptography;
using System.Text;
using Antiphon.Core.Text;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Hosting;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments;

/// <summary>
/// Keyed hashes of what tells readers apart: their device's own name for itself, their network address, their text. The
/// secret lies in the data directory, so that nobody who has the database alone can
/// try addresses out.
/// </summary>
internal sealed class CommenterKeys
{
    private readonly Lazy<byte[]> _secret;

    /// <summary>Makes the secret when it is first needed.</summary>
    public CommenterKeys(IOptions<AntiphonOptions> options) =>
        _secret = new Lazy<byte[]>(() => SecretFile.Read(options.Value.DataDirectory, "readers.key"));

    /// <summary>Key of where a request came from.</summary>
    public string PlaceOf(HttpContext http) => Of("place", Network(http.Connection.RemoteIpAddress));

    /// <summary>
    /// Key of the network a request came from: the first 24 bits of the short addresses, 48 of the long ones.
    /// </summary>
    public string NetworkOf(HttpContext http) => Of("network", Network(http.Connection.RemoteIpAddress, 3, 6));

    /// <summary>Key of the device a comment is written on, or null without script.</summary>
    public string? OwnerOf(string? device) => device is { Length: > 15 and <= 100 } ? Of("device", device) : null;

    /// <summary>Key of a reader: what the device calls itself, or without script where it came from.</summary>
    public string ReaderOf(HttpContext http, string? device) => OwnerOf(device) ?? PlaceOf(http);

    /// <summary>Key of a text, however it is spaced and cased.</summary>
    public string OfText(string text) => Of("text", OneLine.Of(text).ToLowerInvariant());

    private string Of(string kind, string value) =>
        Convert.ToHexStringLower(
            HMACSHA256.HashData(_secret.Value, Encoding.UTF8.GetBytes($"{kind}:{value}")).AsSpan(0, 16)
        );

    // An IPv6 household has a whole network of addresses (RFC 6177); it counts as one place.
    private static string Network(IPAddress? address, int shortBytes = 4, int longBytes = 8)
    {
        if (address is null)
            return "unknown";
        if (address.IsIPv4MappedToIPv6)
            address = address.MapToIPv4();
        var bytes = address.GetAddressBytes();
        return address.AddressFamily == System.Net.Sockets.AddressFamily.InterNetworkV6
            ? Convert.ToHexString(bytes.AsSpan(0, longBytes))
            : string.Join('.', bytes.Take(shortBytes));
    }
}
