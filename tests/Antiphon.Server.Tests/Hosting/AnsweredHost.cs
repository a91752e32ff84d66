using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>
/// A server and a site of somebody else that answers as it is told, shared by the tests of a class; each test begins
/// with <see cref="FreshAsync"/>.
/// </summary>
public abstract class AnsweredHost : IAsyncLifetime
{
    /// <summary>The server.</summary>
    public AntiphonHost Host { get; } = new();

    /// <summary>The other site.</summary>
    internal ScriptedSite Other { get; private set; } = null!;

    /// <summary>Settings of the server, each a name and a value.</summary>
    protected abstract IEnumerable<(string Name, string Value)> Settings { get; }

    /// <inheritdoc/>
    public async Task InitializeAsync()
    {
        Other = await ScriptedSite.StartAsync();
        Host.With("Outgoing:AllowedHosts:0", Other.Address.Authority)
            .With("Outgoing:AllowedHosts:1", Host.Address.Authority);
        foreach (var (name, value) in Settings)
            Host.With(name, value);
        await Host.InitializeAsync();
    }

    /// <inheritdoc/>
    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)Host).DisposeAsync();
        await Other.DisposeAsync();
    }

    /// <summary>
    /// A site and a blog nobody knows yet. What earlier tests follow and watch is let go, so that nothing but this test
    /// asks the other site.
    /// </summary>
    internal async Task FreshAsync()
    {
        await Host.InDatabaseAsync(async database =>
        {
            await database.Followings.ExecuteDeleteAsync();
            await database.WatchedFeeds.ExecuteDeleteAsync();
            await database.NoticeMails.ExecuteDeleteAsync();
            return await database.HubClients.ExecuteDeleteAsync();
        });
        Other.Forget();
        await Host.FreshSiteAsync();
    }
}
