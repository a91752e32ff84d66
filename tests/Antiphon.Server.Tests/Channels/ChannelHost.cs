using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Channels;

/// <summary>A server and the services it sends to.</summary>
public sealed class ChannelHost : IAsyncLifetime
{
    /// <summary>The server.</summary>
    public AntiphonHost Host { get; } = new();

    /// <summary>The services.</summary>
    internal OutsideWorld World { get; private set; } = null!;

    public async Task InitializeAsync()
    {
        World = await OutsideWorld.StartAsync();
        await Host.With("Outgoing:AllowedHosts:0", World.World.Authority)
            .With("Outgoing:AllowedHosts:1", Host.Address.Authority)
            .With("Outgoing:TimeoutSeconds", "1")
            .With("Delivery:PauseFactor", "0.005")
            .InitializeAsync();
    }

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)Host).DisposeAsync();
        await World.DisposeAsync();
    }

    /// <summary>A fresh site with nothing but its blog; what earlier tests made stays where it is.</summary>
    internal async Task<ChannelTalk> FreshAsync()
    {
        foreach (var service in new[] { "lantern", "parish", "bell", "hub", "tarn" })
            await World.FailAsync(service, "well");
        await Host.FreshSiteAsync();
        return new ChannelTalk(Host, World);
    }
}
