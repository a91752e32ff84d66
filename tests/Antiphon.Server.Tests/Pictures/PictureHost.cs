using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Pictures;

/// <summary>A server with small limits for pictures, and somebody else's site.</summary>
public sealed class PictureHost : IAsyncLifetime
{
    /// <summary>The server.</summary>
    public AntiphonHost Host { get; } = new();

    /// <summary>The other site.</summary>
    internal ScriptedSite Site { get; private set; } = null!;

    public async Task InitializeAsync()
    {
        Site = await ScriptedSite.StartAsync();
        await Host.With("Outgoing:AllowedHosts:0", Site.Address.Authority)
            .With("Pictures:MaxBytes", "300000")
            .With("Pictures:MaxPixels", "2000000")
            .With("Pictures:WaitingOfSender", "10")
            .InitializeAsync();
    }

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)Host).DisposeAsync();
        await Site.DisposeAsync();
    }
}
