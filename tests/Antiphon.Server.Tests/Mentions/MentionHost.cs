using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Mentions;

/// <summary>A server, and somebody else's site that writes about its posts.</summary>
public sealed class MentionHost : IAsyncLifetime
{
    /// <summary>The server.</summary>
    public AntiphonHost Host { get; } = new();

    /// <summary>The other site.</summary>
    internal ScriptedSite Site { get; private set; } = null!;

    public async Task InitializeAsync()
    {
        Site = await ScriptedSite.StartAsync();
        await Host.With("Outgoing:AllowedHosts:0", Site.Address.Authority)
            .With("Outgoing:MaxBytes", "1000000")
            .With("Mentions:RestSeconds", "0")
            .With("Mentions:MostUnreadOfHost", "3")
            .InitializeAsync();
    }

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)Host).DisposeAsync();
        await Site.DisposeAsync();
    }
}
