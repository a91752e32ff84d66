using System.Diagnostics;
using System.Text.Json.Nodes;
using Antiphon.Tests;

namespace Antiphon.Benchmarks;

/// <summary>Requests a second of a cached listing against a static file of the same bytes from the same server.</summary>
internal static class EmbedRace
{
    private const int Rounds = 8;
    private const int Requests = 3000;
    private const int AtOnce = 16;

    /// <summary>Starts the demo and prints the ratio.</summary>
    public static async Task RunAsync()
    {
        await using var world = await OutsideWorld.StartAsync();
        using var data = new TemporaryFolder();
        using var files = new TemporaryFolder();
        var address = new Uri($"http://127.0.0.1:{FreePorts.Take(1)[0]}/");
        await using var server = await OwnProcess.StartAsync(
            "Antiphon.Server", address, "--urls", address.AbsoluteUri.TrimEnd('/'), "--webroot", files.Path, "--Antiphon:DataDirectory", data.Path, "--Antiphon:PublicAddress", address.AbsoluteUri,
            "--Demo:Enabled", "true", "--Demo:Website", world.Website.AbsoluteUri, "--Demo:World", world.World.AbsoluteUri, "--Mail:Port", $"{world.SmtpPort}", "--Logging:LogLevel:Default", "Warning");
        using var http = new HttpClient { BaseAddress = address };
        var key = await KeyAsync(http);
        await File.WriteAllBytesAsync(Path.Combine(files.Path, "same.html"), await http.GetByteArrayAsync($"embed/listings/{key}.html"));
        var (listing, file) = (0d, 0d);
        for (var round = 0; round < Rounds; round++)
        {
            listing = Math.Max(listing, await PerSecondAsync(http, $"embed/listings/{key}.html"));
            file = Math.Max(file, await PerSecondAsync(http, "same.html"));
        }

        Console.WriteLine($"requests a second of a cached listing against a static file of the same bytes\n  {listing / file:0.00}");
    }

    private static async Task<string> KeyAsync(HttpClient http)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "api/sites/1/listings");
        request.Headers.Authorization = new("Bearer", "demo-token");
        using var answer = await http.SendAsync(request);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync())![0]!["key"]!.ToString();
    }

    private static async Task<double> PerSecondAsync(HttpClient http, string path)
    {
        var start = Stopwatch.GetTimestamp();
        await Parallel.ForEachAsync(Enumerable.Range(0, Requests), new ParallelOptions { MaxDegreeOfParallelism = AtOnce }, async (_, cancellation) =>
        {
            using var answer = await http.GetAsync(path, cancellation);
            await answer.Content.ReadAsByteArrayAsync(cancellation);
        });
        return Requests / Stopwatch.GetElapsedTime(start).TotalSeconds;
    }
}
