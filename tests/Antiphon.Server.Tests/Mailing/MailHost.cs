using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>
/// A server with the stand-in mail server beside it, shared by the tests of a class; each test begins with
/// <see cref="StartAnewAsync"/>.
/// </summary>
public sealed class MailHost : IAsyncLifetime
{
    /// <summary>The server.</summary>
    public AntiphonHost Host { get; } = new();

    /// <summary>The stand-ins.</summary>
    internal OutsideWorld World { get; private set; } = null!;

    /// <inheritdoc/>
    public async Task InitializeAsync()
    {
        World = await OutsideWorld.StartAsync();
        await Host.With("Mail:Port", $"{World.SmtpPort}")
            .With("Mail:From", "post@quillmoor.example")
            .With("Mail:ReturnsTo", "returns@quillmoor.example")
            .With("Mail:ReturnsHost", "127.0.0.1")
            .With("Mail:ReturnsPort", $"{World.PopPort}")
            .With("Mail:ReturnsUser", "returns")
            .With("Mail:ReturnsPassword", "returns")
            .With("Mail:ReturnsEverySeconds", "1")
            .With("Mail:ReturnsToken", "returns-token")
            .With("Delivery:LookEverySeconds", "1")
            .InitializeAsync();
    }

    /// <inheritdoc/>
    public async Task DisposeAsync()
    {
        await ((IAsyncLifetime)Host).DisposeAsync();
        await World.DisposeAsync();
    }

    /// <summary>An empty mailbox, and a site with nothing but its blog.</summary>
    internal async Task StartAnewAsync()
    {
        await Host.StartAnewAsync();
        await World.EmptyMailboxAsync();
    }
}
