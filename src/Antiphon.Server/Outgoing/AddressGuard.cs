using System.Net;
using System.Net.Sockets;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Outgoing;

/// <summary>
/// Connects to public addresses only, checked on the address actually used, so that a name that changes its mind is no
/// way in.
/// </summary>
internal sealed class AddressGuard(IOptions<OutgoingOptions> options)
{
    /// <summary>True for addresses of the public internet.</summary>
    public static bool IsPublic(IPAddress address)
    {
        if (address.IsIPv4MappedToIPv6)
            address = address.MapToIPv4();
        return !ClosedNetworks.All.Any(closed => closed.Network.Contains(address));
    }

    /// <summary>Opens the connection for <see cref="SocketsHttpHandler.ConnectCallback"/>.</summary>
    public async ValueTask<Stream> ConnectAsync(SocketsHttpConnectionContext context, CancellationToken cancellation)
    {
        var end = context.DnsEndPoint;
        var mayBePrivate = options.Value.AllowedHosts.Contains(
            $"{end.Host}:{end.Port}",
            StringComparer.OrdinalIgnoreCase
        );
        var addresses = await Dns.GetHostAddressesAsync(end.Host, cancellation);
        var usable = addresses.Where(address => mayBePrivate || IsPublic(address)).ToArray();
        if (usable.Length == 0 && addresses.Length > 0)
            throw new AddressNotAllowedException(end.Host);
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
