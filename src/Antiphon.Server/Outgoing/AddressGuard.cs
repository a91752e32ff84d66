using System.Net;
using System.Net.Sockets;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Outgoing;

/// <summary>Connects to public addresses only, checked on the address actually used, so that a name that changes its mind is no way in.</summary>
internal sealed class AddressGuard(IOptions<OutgoingOptions> options)
{
    private static readonly IPNetwork[] Closed =
    [
        .. new[]
        {
            "0.0.0.0/8", "10.0.0.0/8", "100.64.0.0/10", "127.0.0.0/8", "169.254.0.0/16", "172.16.0.0/12", "192.0.0.0/24", "192.0.2.0/24", "192.168.0.0/16",
            "198.18.0.0/15", "198.51.100.0/24", "203.0.113.0/24", "224.0.0.0/4", "240.0.0.0/4", "::/128", "::1/128", "64:ff9b::/96", "fc00::/7", "fe80::/10", "ff00::/8",
        }.Select(IPNetwork.Parse),
    ];

    /// <summary>True for addresses of the public internet.</summary>
    public static bool IsPublic(IPAddress address)
    {
        if (address.IsIPv4MappedToIPv6) address = address.MapToIPv4();
        return !Closed.Any(network => network.Contains(address));
    }

    /// <summary>Opens the connection for <see cref="SocketsHttpHandler.ConnectCallback"/>.</summary>
    public async ValueTask<Stream> ConnectAsync(SocketsHttpConnectionContext context, CancellationToken cancellation)
    {
        var end = context.DnsEndPoint;
        var mayBePrivate = options.Value.AllowedHosts.Contains($"{end.Host}:{end.Port}", StringComparer.OrdinalIgnoreCase);
        var addresses = await Dns.GetHostAddressesAsync(end.Host, cancellation);
        var usable = addresses.Where(address => mayBePrivate || IsPublic(address)).ToArray();
        if (usable.Length == 0 && addresses.Length > 0) throw new AddressNotAllowedException(end.Host);
        var socket = new Socket(SocketType.Stream, ProtocolType.Tcp) { NoDelay = true };
        try
        {
            await socket.ConnectAsync(usable, end.Port, cancellation);
            return new NetworkStream(socket, ownsSocket: true);
        }
        catch
        {
            socket.Dispose();
            throw;
        }
    }
}

/// <summary>A name leads to private addresses only.</summary>
internal sealed class AddressNotAllowedException(string host) : IOException($"{host} is a private address");
