using System.Diagnostics;
using System.Globalization;
using Antiphon.Core.Channels.Composing;
using Antiphon.Tests;

namespace Antiphon.Benchmarks;

/// <summary>Deliveries through the outbox with 1,000,000 old ones in the table against 1,000, and composing against bare counting.</summary>
internal static class SendRace
{
    private const int Due = 2_000;
    private const int Texts = 10_000;
    private const int Rounds = 3;

    /// <summary>Starts two servers and prints the ratios.</summary>
    public static async Task RunAsync()
    {
        Compose();
        await using var world = await OutsideWorld.StartAsync();
        await using var small = await DemoServer.StartAsync(world);
        await using var large = await DemoServer.StartAsync(world);
        await AgeAsync(small, 1_000);
        await AgeAsync(large, 1_000_000);
        var (few, many) = (0d, 0d);
        for (var round = 0; round < Rounds; round++)
        {
            few = Math.Max(few, await SendAsync(small));
            many = Math.Max(many, await SendAsync(large));
        }

        Console.WriteLine(
            $"deliveries through the outbox: a second with 1,000 old ones {few:0}, with 1,000,000 {many:0}; slower by (budget 1.2)\n  {few / many:0.00}"
        );
    }

    // The same texts are counted bare, so that what composing adds is told apart from what counting costs.
    private static void Compose()
    {
        var template = TextTemplate.Read("{title}\n\n{excerpt}\n\n{link} {tags}").Template!;
        var rule = new CountRule(500, 23);
        var posts = Enumerable
            .Range(0, Texts)
            .Select(at => new PostFacts(
                $"Night {at} over the west ridge",
                string.Join(' ', Enumerable.Repeat("clear sky until the moon rose", 3 + (at % 40))),
                $"https://log.quillmoor.example/posts/{at}/night",
                "Ida Marsh",
                "Nights",
                ["frost", "moon halo", "planets"],
                "27 November 2026",
                "The Night Log",
                "Quillmoor"
            ))
            .ToList();
        var texts = posts.ConvertAll(post => Composer.Compose(template, post, rule).Text);
        var race = new Race()
            .With("composing", () => posts.ForEach(post => Composer.Compose(template, post, rule)))
            .With("counting", () => texts.ForEach(text => GC.KeepAlive(new StringInfo(text).LengthInTextElements)))
            .Run(10);
        Console.WriteLine(
            $"composing {Texts} texts against the framework's bare count of the same\n  {race.Ratio("composing", "counting"):0.00}"
        );
    }

    private static Task AgeAsync(DemoServer server, int count) =>
        RowCopies.MakeAsync(
            server.Database,
            "ChannelDeliveries",
            "State = 'Delivered' AND ChannelId = (SELECT Id FROM Channels WHERE Kind = 'Webhook')",
            count,
            new Dictionary<string, string>
            {
                ["Key"] = "lower(hex(randomblob(12)))",
                ["Round"] = "n + 10",
                ["PlannedFor"] = "PlannedFor - n * 1000",
            }
        );

    private static async Task<double> SendAsync(DemoServer server)
    {
        var start = Stopwatch.GetTimestamp();
        await RowCopies.MakeAsync(
            server.Database,
            "ChannelDeliveries",
            "State = 'Delivered' AND ChannelId = (SELECT Id FROM Channels WHERE Kind = 'Webhook')",
            Due,
            new Dictionary<string, string>
            {
                ["Key"] = "lower(hex(randomblob(12)))",
                ["Act"] = "'Tell'",
                ["Sent"] = "'{\"event\":\"test\"}'",
                ["State"] = "'Queued'",
                ["Attempts"] = "0",
                ["NextAttemptAt"] = "0",
                ["DeliveredAt"] = "NULL",
            }
        );
        using var timer = new PeriodicTimer(TimeSpan.FromMilliseconds(20));
        while (await OpenAsync(server) > 0)
            await timer.WaitForNextTickAsync();
        return Due / Stopwatch.GetElapsedTime(start).TotalSeconds;
    }

    private static async Task<long> OpenAsync(DemoServer server)
    {
        await using var connection = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={server.Database}");
        await connection.OpenAsync();
        var command = connection.CreateCommand();
        command.CommandText =
            "SELECT COUNT(*) FROM ChannelDeliveries WHERE State IN ('Queued', 'Sending', 'Retrying') AND Held IS NULL AND NextAttemptAt < 4000000000000 AND Act = 'Tell'";
        return (long)(await command.ExecuteScalarAsync())!;
    }
}
