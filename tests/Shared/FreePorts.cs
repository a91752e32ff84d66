using System.Net;
using System.Net.Sockets;

namespace Antiphon.Tests;

/// <summary>Ports nobody listens on.</summary>
internal static class FreePorts
{
    // Below the ports systems give to outgoing connections: one of those could be taken between the finding and the
    // listening. Above 10080, the last that browsers refuse.
    private const int Lowest = 12_000;
    private const int Highest = 32_000;
    private static int _last = Random.Shared.Next(Lowest, Highest);

    /// <summary>
    /// So many different ports of the loopback address. Every call of a process goes on where the last one ended, so
    /// that none is given twice.
    /// </summary>
    public static int[] Take(int count) => [.. Enumerable.Range(0, count).Select(_ => One())];

    private static int One()
    {
        while (true)
        {
            var port = Lowest + ((Interlocked.Increment(ref _last) & int.MaxValue) % (Highest - Lowest));
            using var listener = new TcpListener(IPAddress.Loopback, port);
            try
            {
                listener.Start();
                return port;
            }
            catch (SocketException)
            {
                // Somebody listens there; the next one may be free.
            }
        }
    }
}
