using System.Net;
using System.Net.Sockets;

namespace Antiphon.StandIns.Mailbox;

/// <summary>Listens on a port of this machine and talks with everybody who connects.</summary>
internal abstract class LineListener(int port, ILogger log) : BackgroundService
{
    /// <summary>Talks until the other side leaves.</summary>
    protected abstract Task TalkAsync(Stream stream, CancellationToken stopping);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var listener = new TcpListener(IPAddress.Loopback, port);
        listener.Start();
        while (!stoppingToken.IsCancellationRequested)
        {
            var client = await listener.AcceptTcpClientAsync(stoppingToken);
            _ = ServeAsync(client, stoppingToken);
        }
    }

    private async Task ServeAsync(TcpClient client, CancellationToken stopping)
    {
        try
        {
            using (client)
                await TalkAsync(client.GetStream(), stopping);
        }
        catch (Exception failure) when (failure is IOException or OperationCanceledException or SocketException)
        {
            log.LogDebug(failure, "Somebody hung up");
        }
    }
}
