using System.Diagnostics;
using System.Text.Json.Nodes;
using Antiphon.Tests;

namespace Antiphon.Benchmarks;

/// <summary>A digest to 50,000 subscribers against one to 500: mails a second, and the memory of the server while it sends.</summary>
internal static class MailRace
{
    private const int Few = 500;
    private const int Many = 50_000;

    /// <summary>Sends both, one after the other, and prints the ratios.</summary>
    public static async Task RunAsync()
    {
        await using var world = await OutsideWorld.StartAsync();
        await using var server = await DemoServer.StartAsync(world);
        // The first sending warms both sides up.
        await SendAsync(server, Few, "warm");
        var small = await SendAsync(server, Few, "few");
        var large = await SendAsync(server, Many, "many");
        Console.WriteLine(
            $"digest: mails a second to {Few} subscribers {small.Rate:0}, to {Many} {large.Rate:0}; slower by\n  {small.Rate / large.Rate:0.00}"
        );
        Console.WriteLine(
            $"largest memory while sending: {small.Memory / 1e6:0} MB and {large.Memory / 1e6:0} MB; more by\n  {large.Memory / (double)small.Memory:0.00}"
        );
    }

    private static async Task<(double Rate, long Memory)> SendAsync(DemoServer server, int count, string name)
    {
        var digest = (await server.GetAsync("api/sites/1/channels/digests"))
            .AsArray()
            .Single(one => (string)one!["name"]! == "The week at Quillmoor")!;
        await RowCopies.MakeAsync(
            server.Database,
            "Subscribers",
            "Digests IS NOT NULL AND LeftAt IS NULL",
            count,
            new Dictionary<string, string>
            {
                ["Mail"] = $"'{name}-' || n || '@fellside.example'",
                ["Key"] = "lower(hex(randomblob(16)))",
                ["CreatedAt"] = "0",
            }
        );
        await server.PostAsync(
            "api/sites/1/posts",
            new
            {
                blogId = 1,
                title = $"For {name}",
                bodyHtml = "<p>Clear from nine.</p>",
                status = "published",
                revision = 0,
            }
        );
        var start = Stopwatch.GetTimestamp();
        await server.PostAsync($"api/sites/1/channels/digests/{digest["id"]}/send", new { });
        using var timer = new PeriodicTimer(TimeSpan.FromMilliseconds(200));
        var memory = 0L;
        JsonNode edition;
        do
        {
            await timer.WaitForNextTickAsync();
            memory = Math.Max(memory, server.Memory);
            edition = (await server.GetAsync($"api/sites/1/channels/editions?digest={digest["id"]}"))["editions"]![0]!;
        } while ((string)edition["state"]! != "sent");
        var rate = (int)edition["delivered"]! / Stopwatch.GetElapsedTime(start).TotalSeconds;
        // The next sending is to its own subscribers alone.
        await RowCopies.RunAsync(server.Database, $"DELETE FROM Subscribers WHERE Mail LIKE '{name}-%'");
        return (rate, memory);
    }
}
