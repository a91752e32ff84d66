using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Antiphon.Tests;

namespace Antiphon.Benchmarks;

/// <summary>The server with the demo's data in a folder of its own, and its owner's client.</summary>
internal sealed class DemoServer : IAsyncDisposable
{
    private readonly TemporaryFolder _data = new();
    private OwnProcess? _process;

    /// <summary>Where files that it serves as they are can be put.</summary>
    public TemporaryFolder Files { get; } = new();

    /// <summary>A client with the owner's token.</summary>
    public HttpClient Owner { get; private set; } = null!;

    /// <summary>The database file.</summary>
    public string Database => Path.Combine(_data.Path, "antiphon.db");

    /// <summary>Memory it holds now, in bytes.</summary>
    public long Memory => _process?.Memory ?? 0;

    /// <summary>Starts it.</summary>
    public static async Task<DemoServer> StartAsync(OutsideWorld world)
    {
        var server = new DemoServer();
        var address = new Uri($"http://127.0.0.1:{FreePorts.Take(1)[0]}/");
        server._process = await OwnProcess.StartAsync(
            "Antiphon.Server",
            address,
            "--urls",
            address.AbsoluteUri.TrimEnd('/'),
            "--webroot",
            server.Files.Path,
            "--Antiphon:DataDirectory",
            server._data.Path,
            "--Antiphon:PublicAddress",
            address.AbsoluteUri,
            "--Demo:Enabled",
            "true",
            "--Demo:Website",
            world.Website.AbsoluteUri,
            "--Demo:World",
            world.World.AbsoluteUri,
            "--Mail:Port",
            $"{world.SmtpPort}",
            "--Outgoing:AllowedHosts:0",
            world.Website.Authority,
            "--Outgoing:AllowedHosts:1",
            world.World.Authority,
            "--Logging:LogLevel:Default",
            "Warning"
        );
        server.Owner = new HttpClient { BaseAddress = address, Timeout = TimeSpan.FromMinutes(5) };
        server.Owner.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "demo-token");
        return server;
    }

    /// <summary>Reads JSON.</summary>
    public async Task<JsonNode> GetAsync(string path) => JsonNode.Parse(await Owner.GetStringAsync(path))!;

    /// <summary>Sends JSON and gives the answer.</summary>
    public async Task<JsonNode?> PostAsync(string path, object body)
    {
        using var answer = await Owner.PostAsJsonAsync(path, body);
        var text = await answer.Content.ReadAsStringAsync();
        if (!answer.IsSuccessStatusCode)
            throw new InvalidOperationException($"{path}: {answer.StatusCode} {text}");
        return text.Length == 0 ? null : JsonNode.Parse(text);
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        Owner.Dispose();
        if (_process is not null)
            await _process.DisposeAsync();
        _data.Dispose();
        Files.Dispose();
    }
}
