using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Work;

/// <summary>A server, and a site outside that work calls at.</summary>
public sealed class WorkHost : IAsyncLifetime
{
    /// <summary>The server.</summary>
    public AntiphonHost Host { get; } = new();

    /// <summary>The site outside.</summary>
    internal ScriptedSite Site { get; private set; } = null!;

    public async Task InitializeAsync()
    {
        Site = await ScriptedSite.StartAsync();
        Site.Say("<p>Here.</p>", "text/html");
        await Host.With("Outgoing:AllowedHosts:0", Site.Address.Authority).InitializeAsync();
    }

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)Host).DisposeAsync();
        await Site.DisposeAsync();
    }
}
