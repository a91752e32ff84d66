using System.Globalization;
using System.Net.Http.Headers;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Channels;

/// <summary>Nothing lost, nothing twice: a thousand deliveries to services that fail in every way, while the server is killed ten times.</summary>
[Collection("faults")]
public sealed class ChannelFaultTests : IAsyncLifetime
{
    private const int Posts = 334;
    private const int Kills = 10;
    private static readonly string[] Services = ["lantern", "parish", "bell"];
    private readonly TemporaryFolder _data = new();
    private readonly Uri _address = new($"http://127.0.0.1:{FreePorts.Take(1)[0]}/");
    private OutsideWorld _world = null!;
    private OwnProcess _server = null!;
    private HttpClient _script = null!;

    public async Task InitializeAsync()
    {
        _world = await OutsideWorld.StartAsync();
        await StartAsync();
        using var first = new Visitor(_address);
        await first.PostAsync("api/setup", new { name = "Imogen Tarrant", mail = "imogen@quillmoor.example", password = AntiphonHost.Password, key = await File.ReadAllTextAsync(Path.Combine(_data.Path, "setup-key")) });
        _script = new HttpClient { BaseAddress = _address };
        _script.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", (await first.PostAsync("api/tokens", new { name = "tests" })).Text("token"));
    }

    public async Task DisposeAsync()
    {
        _script.Dispose();
        await _server.DisposeAsync();
        await _world.DisposeAsync();
        _data.Dispose();
    }

    [Fact]
    public async Task A_thousand_deliveries_arrive_once_each_although_everything_fails()
    {
        await SetUpAsync();
        for (var post = 0; post < Posts; post++) await _script.PostJsonAsync("api/sites/1/posts", new { blogId = 1, title = $"Night {post}", bodyHtml = "<p>Clear.</p>", status = "published", revision = 0 });
        await Eventually.TrueAsync("everything planned", async () => await OpenAsync() == Posts * Services.Length);
        foreach (var service in Services) await _world.FailAsync(service, "random");
        (await _script.PostAsync("api/sites/1/channels/set-up/resume", null)).EnsureSuccessStatusCode();
        for (var kill = 1; kill <= Kills; kill++)
        {
            var wanted = kill * 60;
            await Eventually.IsAsync($"{wanted} taken", TakenAsync, taken => taken >= wanted);
            await _server.KillAsync();
            await StartAsync();
        }

        await FinishAsync();
        foreach (var service in Services)
        {
            var taken = await _world.TakenAsync(service);
            var each = service == "bell" ? taken.Select(one => one.Key) : taken.Select(one => one.Text);
            Assert.Equal((service, Posts, Posts), (service, taken.Count, each.Distinct().Count()));
        }
    }

    private async Task SetUpAsync()
    {
        await _script.PostJsonAsync("api/sites", new { name = "Quillmoor Observatory", address = "https://quillmoor.example/", timeZone = "Europe/London", language = "en-GB" });
        await _script.PostJsonAsync("api/sites/1/blogs", new { name = "The Night Log" });
        foreach (var (kind, path, secret) in new[] { ("social", "lantern/api/posts", "lantern-token"), ("partner", "parish/micropub", "parish-token"), ("webhook", "bell/", "bell-secret") })
        {
            var settings = new { address = new Uri(_world.World, path), choice = new { blogs = Array.Empty<long>(), categories = Array.Empty<string>(), tags = Array.Empty<string>(), authors = Array.Empty<string>() }, when = "atOnce", timing = new { }, template = "{title}\n{link}" };
            await _script.PostJsonAsync("api/sites/1/channels/set-up", new { kind, name = kind, settings, secret });
        }

        (await _script.PostAsync("api/sites/1/channels/set-up/pause", null)).EnsureSuccessStatusCode();
    }

    private async Task FinishAsync()
    {
        // As long as something moves there is hope; every look is shorter than the patience of one.
        for (var before = -1L; await OpenAsync() is > 0 and var open && open != before; before = open) await Eventually.TrueAsync($"fewer than {open} to come", async () => await OpenAsync() < open || await OpenAsync() == 0);
        Assert.Equal(0, await OpenAsync());
    }

    private async Task<long> OpenAsync() => (await _script.GetJsonAsync("api/sites/1/channels/set-up")).Items().Sum(channel => channel.Number("open"));

    private async Task<int> TakenAsync()
    {
        var count = 0;
        foreach (var service in Services) count += (await _world.TakenAsync(service)).Count;
        return count;
    }

    private async Task StartAsync() => _server = await OwnProcess.StartAsync(
        "Antiphon.Server", _address, "--urls", _address.AbsoluteUri.TrimEnd('/'), "--Antiphon:DataDirectory", _data.Path, "--Antiphon:PublicAddress", _address.AbsoluteUri, "--Demo:Enabled", "false",
        "--Outgoing:AllowedHosts:0", _world.World.Authority, "--Outgoing:TimeoutSeconds", "1", "--Delivery:LeaseSeconds", "2", "--Delivery:LookEverySeconds", "1", "--Delivery:FailuresToPause", "1000000",
        "--Delivery:PauseFactor", (0.0001).ToString(CultureInfo.InvariantCulture));
}
