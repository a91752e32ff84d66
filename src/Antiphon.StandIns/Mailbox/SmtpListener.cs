using System.Net;
using System.Net.Sockets;
using Antiphon.StandIns.Control;

namespace Antiphon.StandIns.Mailbox;

/// <summary>A small mail server (RFC 5321) that accepts mail for everybody but the domain bounce.example.</summary>
internal sealed class SmtpListener(StandInPorts ports, MailStore store, Troubles troubles, ILogger<SmtpListener> log) : BackgroundService
{
    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var listener = new TcpListener(IPAddress.Loopback, ports.Smtp);
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
            using (client) await new SmtpConversation(client.GetStream(), store, troubles).RunAsync(stopping);
        }
        catch (Exception failure) when (failure is IOException or OperationCanceledException or SocketException)
        {
            log.LogDebug(failure, "A sender hung up");
        }
    }
}
