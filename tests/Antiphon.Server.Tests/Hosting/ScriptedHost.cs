namespace Antiphon.Server.Tests.Hosting;

/// <summary>
/// A server for the tests of a class, and somebody else's site that it may visit. Starting a server takes longer than
/// most tests; a site of its own for each keeps them apart.
/// </summary>
public class ScriptedHost : IAsyncLifetime
{
    /// <summary>The server.</summary>
    public AntiphonHost Host { get; } = new();

    /// <summary>The other site.</summary>
    internal ScriptedSite Site { get; private set; } = null!;

    public async Task InitializeAsync()
    {
        Site = await ScriptedSite.StartAsync();
        await Configure(
                Host.With("Outgoing:AllowedHosts:0", Site.Address.Authority)
                    .With("Outgoing:AllowedHosts:1", Host.Address.Authority)
            )
            .InitializeAsync();
    }

    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)Host).DisposeAsync();
        await Site.DisposeAsync();
    }

    /// <summary>Sets what the tests of a class need beside that.</summary>
    protected virtual AntiphonHost Configure(AntiphonHost host) => host;
}
