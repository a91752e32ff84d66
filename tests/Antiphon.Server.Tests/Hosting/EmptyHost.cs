using Antiphon.Tests;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>The real server without anybody or anything in it.</summary>
public sealed class EmptyHost : WebApplicationFactory<Program>, IAsyncLifetime
{
    private readonly TemporaryFolder _data = new();
    private readonly int _port = FreePorts.Take(1)[0];

    private readonly Dictionary<string, string> _settings = [];

    /// <summary>Where it listens.</summary>
    public Uri Address => new($"http://127.0.0.1:{_port}/");

    /// <summary>Folder of its data.</summary>
    public string Data => _data.Path;

    /// <summary>Sets a configuration value before the start.</summary>
    public EmptyHost With(string name, string value)
    {
        _settings[name] = value;
        return this;
    }

    /// <inheritdoc/>
    public async Task InitializeAsync()
    {
        await EmptyDatabase.PlaceAsync(_data.Path);
        UseKestrel(_port);
        StartServer();
    }

    async Task IAsyncLifetime.DisposeAsync()
    {
        await DisposeAsync();
        _data.Dispose();
    }

    /// <inheritdoc/>
    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseEnvironment("Production");
        builder.UseSetting("Antiphon:DataDirectory", _data.Path);
        builder.UseSetting("Antiphon:PublicAddress", Address.AbsoluteUri);
        builder.UseSetting("Logging:LogLevel:Default", "Error");
        foreach (var (name, value) in _settings)
            builder.UseSetting(name, value);
    }
}
