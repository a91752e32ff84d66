using System.Net;
using System.Net.Sockets;

namespace Antiphon.Tests;

/// <summary>Ports nobody listens on.</summary>
internal static class FreePorts
{
    /// <summary>So many different ports of the loopback address; all are held until the last is found, so that none is given twice.</summary>
    public static int[] Take(int count)
    {
        var listeners = Enumerable.Range(0, count).Select(_ => new TcpListener(IPAddress.Loopback, 0)).ToList();
        try
        {
            foreach (var listener in listeners) listener.Start();
            return [.. listeners.Select(listener => ((IPEndPoint)listener.LocalEndpoint).Port)];
        }
        finally
        {
            foreach (var listener in listeners) listener.Dispose();
        }
    }
}
