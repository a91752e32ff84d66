using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Driving;

/// <summary>The demo, started once for the tests that share it.</summary>
public sealed class DemoInstallation : IAsyncLifetime
{
    /// <summary>Password of everybody in the demo.</summary>
    public const string Password = "clear-nights";

    private readonly Dictionary<string, BrowserWindow> _windows = [];
    private HttpClient _script = null!;

    /// <summary>What was started.</summary>
    public Installation Installation { get; private set; } = null!;

    /// <summary>The site's screens.</summary>
    public Uri Workplace => new(Installation.Address, "s/1/");

    /// <summary>A page of Quillmoor's website.</summary>
    public Uri Page(string path) => new(Installation.World.Website, path);

    public async Task InitializeAsync()
    {
        Installation = await Installation.StartAsync(demo: true);
        _script = new HttpClient { BaseAddress = Installation.Address };
        _script.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "demo-token");
        await Eventually.TrueAsync("the demo's listings in place", async () =>
            (await AskAsync("api/sites/1/listings")).AsArray().All(listing => listing!["state"]!.ToString() == "seen")
        );
    }

    public async Task DisposeAsync()
    {
        foreach (var window in _windows.Values)
            window.Close();
        _script.Dispose();
        await Installation.DisposeAsync();
    }

    /// <summary>Asks the API as the owner's script does.</summary>
    public async Task<JsonNode> AskAsync(string path) => (await _script.GetFromJsonAsync<JsonNode>(path))!;

    /// <summary>Does something as the owner's script does, and gives the answer; null for none.</summary>
    public async Task<JsonNode?> TellAsync(HttpMethod method, string path, object? body = null)
    {
        using var request = new HttpRequestMessage(method, path)
        {
            Content = body is null ? null : JsonContent.Create(body),
        };
        using var answer = (await _script.SendAsync(request)).EnsureSuccessStatusCode();
        var text = await answer.Content.ReadAsStringAsync();
        return text.Length == 0 ? null : JsonNode.Parse(text);
    }

    /// <summary>Writes a post of The Night Log, and gives it.</summary>
    public async Task<JsonNode> WriteAsync(
        string title,
        string body = "<p>From nine the sky was clear.</p>",
        string status = "published",
        string? category = null
    ) =>
        (
            await TellAsync(
                HttpMethod.Post,
                "api/sites/1/posts",
                new
                {
                    blogId = 1,
                    title,
                    bodyHtml = body,
                    category,
                    status,
                    revision = 0,
                }
            )
        )!;

    /// <summary>What the notebook of Tarn Lane was told, each as "source -> target".</summary>
    public async Task<List<string>> TarnToldAsync()
    {
        using var world = new HttpClient { BaseAddress = Installation.World.World };
        return await world.GetFromJsonAsync<List<string>>("tarn/told") ?? [];
    }

    /// <summary>
    /// A browser in which somebody is signed in. It is kept for the next test that asks for the same.
    /// </summary>
    internal BrowserWindow SignedIn(string name = "imogen", int width = 1280, int height = 800) =>
        Kept($"{name} {width} {height}", () =>
        {
            var browser = new BrowserWindow(width, height, motion: false);
            browser
                .Open(Installation.Address)
                .Fill("input[name=mail]", $"{name}@quillmoor.example")
                .Fill("input[name=password]", Password)
                .Press("Sign in")
                .Sees("Coverage");
            return browser;
        });

    /// <summary>A browser of somebody who reads Quillmoor's website, kept likewise.</summary>
    internal BrowserWindow Reader(int width = 1280, int height = 800, bool scripts = true) =>
        Kept($"reader {width} {height} {scripts}", () => new BrowserWindow(width, height, scripts));

    private BrowserWindow Kept(string key, Func<BrowserWindow> open)
    {
        if (!_windows.TryGetValue(key, out var known))
            return _windows[key] = open().Kept();
        known.Forget();
        return known;
    }
}
