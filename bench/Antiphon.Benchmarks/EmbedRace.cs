using Antiphon.Tests;

namespace Antiphon.Benchmarks;

/// <summary>Requests a second of a cached listing against a static file of the same bytes from the same server.</summary>
internal static class EmbedRace
{
    private const int Rounds = 8;

    /// <summary>Starts the demo and prints the ratio.</summary>
    public static async Task RunAsync()
    {
        await using var world = await OutsideWorld.StartAsync();
        await using var server = await DemoServer.StartAsync(world);
        using var http = new HttpClient { BaseAddress = server.Owner.BaseAddress };
        var key = (string)(await server.GetAsync("api/sites/1/listings"))[0]!["key"]!;
        await File.WriteAllBytesAsync(
            Path.Combine(server.Files.Path, "same.html"),
            await http.GetByteArrayAsync($"embed/listings/{key}.html")
        );
        var (listing, file) = (0d, 0d);
        for (var round = 0; round < Rounds; round++)
        {
            listing = Math.Max(listing, await HttpRatio.PerSecondAsync(http, $"embed/listings/{key}.html"));
            file = Math.Max(file, await HttpRatio.PerSecondAsync(http, "same.html"));
        }

        Console.WriteLine(
            $"requests a second of a cached listing against a static file of the same bytes\n  {listing / file:0.00}"
        );
    }
}
