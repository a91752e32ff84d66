using System.Net;
using System.Net.Sockets;
using System.Text;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>Somebody on the other side of a connection who talks line by line, as a test says.</summary>
internal abstract class LineServer : IDisposable
{
    private readonly TcpListener _listener = new(IPAddress.Loopback, 0);
    private readonly CancellationTokenSource _end = new();

    protected LineServer()
    {
        _listener.Start();
        _ = ListenAsync();
    }

    /// <summary>Its port.</summary>
    public int Port => ((IPEndPoint)_listener.LocalEndpoint).Port;

    /// <summary>Ends with it.</summary>
    protected CancellationToken End => _end.Token;

    /// <summary>Talks to one caller until either hangs up.</summary>
    protected abstract Task TalkAsync(StreamReader reader, StreamWriter writer);

    /// <inheritdoc/>
    public void Dispose()
    {
        _end.Cancel();
        _listener.Dispose();
        _end.Dispose();
    }

    private async Task ListenAsync()
    {
        try
        {
            while (true)
                _ = ServeAsync(await _listener.AcceptTcpClientAsync(_end.Token));
        }
        catch (Exception end) when (end is OperationCanceledException or ObjectDisposedException or SocketException)
        {
            // It was disposed of.
        }
    }

    private async Task ServeAsync(TcpClient client)
    {
        using (client)
        {
            try
            {
                using var reader = new StreamReader(client.GetStream(), Encoding.Latin1);
                await using var writer = new StreamWriter(client.GetStream(), Encoding.Latin1)
                {
                    NewLine = "\r\n",
                    AutoFlush = true,
                };
                await TalkAsync(reader, writer);
            }
            catch (Exception end) when (end is IOException or OperationCanceledException or ObjectDisposedException)
            {
                // The other side hung up.
            }
        }
    }
}
