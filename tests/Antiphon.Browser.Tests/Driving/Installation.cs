using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Driving;

/// <summary>
/// Antiphon as a process of its own with its data, beside an outside world; with the demo scenario or empty.
/// </summary>
public sealed class Installation : IAsyncDisposable
{
    private readonly TemporaryFolder _data = new();
    private readonly int _port = FreePorts.Take(1)[0];
    private readonly bool _demo;
    private OwnProcess? _process;

    private Installation(OutsideWorld world, bool demo) => (World, _demo) = (world, demo);

    /// <summary>Where it listens.</summary>
    public Uri Address => new($"http://127.0.0.1:{_port}/");

    /// <summary>The key that the first account is made with.</summary>
    public string SetupKey => File.ReadAllText(Path.Combine(_data.Path, "setup-key"));

    /// <summary>Everybody else.</summary>
    internal OutsideWorld World { get; }

    /// <summary>Starts both.</summary>
    public static async Task<Installation> StartAsync(bool demo)
    {
        var installation = new Installation(await OutsideWorld.StartAsync(), demo);
        await installation.StartServerAsync();
        return installation;
    }

    /// <summary>Starts the server, again after <see cref="KillServerAsync"/>.</summary>
    public async Task StartServerAsync() =>
        _process = await OwnProcess.StartAsync(
            "Antiphon.Server",
            Address,
            "--urls",
            Address.AbsoluteUri.TrimEnd('/'),
            "--Antiphon:DataDirectory",
            _data.Path,
            "--Antiphon:PublicAddress",
            Address.AbsoluteUri,
            "--Demo:Enabled",
            _demo ? "true" : "false",
            "--Demo:Website",
            World.Website.AbsoluteUri,
            "--Demo:World",
            World.World.AbsoluteUri,
            "--Mail:Port",
            $"{World.SmtpPort}",
            "--Outgoing:AllowedHosts:0",
            Address.Authority,
            "--Outgoing:AllowedHosts:1",
            World.Website.Authority,
            "--Outgoing:AllowedHosts:2",
            World.World.Authority,
            "--Delivery:LeaseSeconds",
            "3"
        );

    /// <summary>Ends the server at once, as a power failure would.</summary>
    public Task KillServerAsync() => _process!.KillAsync();

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        if (_process is not null)
            await _process.DisposeAsync();
        await World.DisposeAsync();
        _data.Dispose();
    }
}
