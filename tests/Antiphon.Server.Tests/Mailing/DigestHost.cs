using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>A site whose new posts are brought by a weekly digest alone.</summary>
public abstract class DigestHost(MailHost shared) : IClassFixture<MailHost>, IAsyncLifetime
{
    /// <summary>The server.</summary>
    protected AntiphonHost Host { get; } = shared.Host;

    /// <summary>The stand-ins.</summary>
    private protected OutsideWorld World { get; } = shared.World;

    /// <summary>Id of the digest.</summary>
    protected long Digest { get; private set; }

    public virtual async Task InitializeAsync()
    {
        await shared.StartAnewAsync();
        var each = (await Host.Owner.GetJsonAsync(Path)).Items().Single().Number("id");
        await Host.Owner.PostJsonAsync($"{Path}/{each}/pause");
        Digest = (await AddAsync("Week at Quillmoor")).Number("id");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    /// <summary>Where digests are.</summary>
    protected string Path => $"{Host.Api}channels/digests";

    /// <summary>Settings of a digest.</summary>
    protected static Dictionary<string, object?> Settings(
        string form = "column",
        params (string Name, object? Value)[] more
    )
    {
        var settings = new Dictionary<string, object?>
        {
            ["rhythm"] = new
            {
                every = "week",
                at = "09:00:00",
                day = "friday",
                dayOfMonth = 1,
            },
            ["choice"] = new
            {
                blogs = Array.Empty<long>(),
                categories = Array.Empty<string>(),
                tags = Array.Empty<string>(),
                authors = Array.Empty<string>(),
                featuredOnly = false,
            },
            ["form"] = form,
            ["subject"] = "{title}{if more} and {more} more{end}",
        };
        foreach (var (name, value) in more)
            settings[name] = value;
        return settings;
    }

    /// <summary>Adds a digest.</summary>
    protected Task<Json> AddAsync(string name, object? settings = null) =>
        Host.Owner.PostJsonAsync(
            Path,
            new
            {
                name,
                settings = settings ?? Settings(),
                segmentId = (long?)null,
                isUsual = true,
            }
        );

    /// <summary>Changes the weekly digest.</summary>
    protected Task<Json> ChangeAsync(object settings) =>
        Host.Owner.PutJsonAsync(
            $"{Path}/{Digest}",
            new
            {
                name = "Week at Quillmoor",
                settings,
                segmentId = (long?)null,
                isUsual = true,
            }
        );

    /// <summary>Adds subscribers by hand.</summary>
    protected async Task SubscribeAsync(params string[] mails)
    {
        foreach (var mail in mails)
            await Host.Owner.PostJsonAsync(Host.Api + "subscribers", new { mail });
    }

    /// <summary>Sends what is new, and waits until the edition has come to a state.</summary>
    protected async Task<Json> SendAsync(string until = "sent")
    {
        await Host.Owner.PostJsonAsync($"{Path}/{Digest}/send");
        return await EditionAsync(until);
    }

    /// <summary>The latest edition, once it has come to a state.</summary>
    protected Task<Json> EditionAsync(string state) =>
        Eventually.IsAsync($"an edition {state}", LatestAsync, one => one.Has("state") && one.Text("state") == state);

    /// <summary>The latest edition; nothing while there is none.</summary>
    protected async Task<Json> LatestAsync() =>
        (await Host.Owner.GetJsonAsync($"{Host.Api}channels/editions")).Items("editions").FirstOrDefault()
        ?? new Json(null);

    /// <summary>Brings the time of the digest.</summary>
    protected Task ItIsTimeAsync()
    {
        var now = DateTimeOffset.UtcNow;
        return Host.InDatabaseAsync(database =>
            database
                .Digests.Where(one => one.Id == Digest)
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAt, now))
        );
    }
}
