using System.Net;
using System.Net.Sockets;
using Antiphon.Tests;

namespace Antiphon.Benchmarks;

/// <summary>A thread of 10,000 comments against one of 100, the queue among 1,000,000 against 10,000, a thread from memory against a static file, and moderation under a flood.</summary>
internal static class TalkRace
{
    private const int FloodSeconds = 10;
    private const int FloodEachSecond = 500;
    private const int Places = 400;

    /// <summary>Starts two servers and prints the ratios.</summary>
    public static async Task RunAsync()
    {
        await using var world = await OutsideWorld.StartAsync();
        await using var small = await DemoServer.StartAsync(world);
        await using var large = await DemoServer.StartAsync(world);
        var (few, many) = (await TalkAsync(small, 100), await TalkAsync(large, 10_000));
        Console.WriteLine("first page of a thread of 10,000 comments against 100 (budget 1.5)");
        // An order of its own each time is asked of the database, as what is kept in memory knows no size.
        foreach (var order in new[] { "oldest", "newest", "best", "mostLiked", "mostAnswered" })
            Console.WriteLine(
                $"  {order, -28} {await HttpRatio.OfAsync(large, $"embed/threads/{many}.json?id=talk&order={order}", small, $"embed/threads/{few}.json?id=talk&order={order}"):0.00}"
            );
        await QueueAsync(small, 10_000);
        await QueueAsync(large, 1_000_000);
        Console.WriteLine("queue among 1,000,000 comments against 10,000 (budget 1.5)");
        foreach (
            var path in new[]
            {
                "comments",
                "comments?standing=public",
                "comments?standing=spam",
                "comments?choice=reported",
            }
        )
            Console.WriteLine(
                $"  {path, -28} {await HttpRatio.OfAsync(large, $"api/sites/1/{path}", small, $"api/sites/1/{path}"):0.00}"
            );
        await MemoryAsync(small, few);
        await FloodAsync(small, few);
    }

    // Half of the comments answer one at the top level; votes and dates differ.
    private static async Task<string> TalkAsync(DemoServer server, int count)
    {
        var key = (string)(await server.GetAsync("api/sites/1"))["publicKey"]!;
        await WriteAsync(server.Owner, key, "talk", "The first of many.");
        var waiting = (await server.GetAsync("api/sites/1/comments?search=The%20first%20of%20many"))["comments"]![0]!;
        await server.PostAsync(
            $"api/sites/1/comments/{waiting["id"]}/decision",
            new { standing = "public", seen = "waiting" }
        );
        await RowCopies.MakeAsync(server.Database, "Comments", $"Id = {waiting["id"]}", count / 2, Differing());
        await RowCopies.MakeAsync(
            server.Database,
            "Comments",
            $"Id = {waiting["id"]}",
            count / 2,
            new Dictionary<string, string>(Differing())
            {
                ["ParentId"] = "Id + 1 + (n % 40)",
                ["RootId"] = "Id + 1 + (n % " + (count / 2 - 1) + ")",
            }
        );
        return key;
    }

    private static Dictionary<string, string> Differing() =>
        new()
        {
            ["Key"] = "lower(hex(randomblob(8)))",
            ["SubmissionKey"] = "NULL",
            ["PlaceKey"] = "NULL",
            ["CreatedAt"] = "CreatedAt + n * 1000",
            ["Up"] = "n % 23",
            ["Down"] = "n % 5",
            ["Best"] = "(n % 97) / 100.0",
        };

    private static async Task QueueAsync(DemoServer server, int count)
    {
        foreach (var (standing, share) in new[] { ("Waiting", 0.1), ("Public", 0.5), ("Spam", 0.4) })
            await RowCopies.MakeAsync(
                server.Database,
                "Comments",
                "SiteId = 1 AND Standing = 'Waiting' AND Reports = 0",
                (int)(count * share),
                new Dictionary<string, string>(Differing())
                {
                    ["Standing"] = $"'{standing}'",
                    ["ThreadId"] = "(SELECT MIN(Id) FROM Threads) + n % 20",
                }
            );
    }

    private static async Task MemoryAsync(DemoServer server, string key)
    {
        using var http = new HttpClient { BaseAddress = server.Owner.BaseAddress };
        var path = $"embed/threads/{key}.html?id=talk&url=https://quillmoor.example/talk";
        await File.WriteAllBytesAsync(Path.Combine(server.Files.Path, "talk.html"), await http.GetByteArrayAsync(path));
        var (thread, file) = (0d, 0d);
        for (var round = 0; round < 6; round++)
        {
            thread = Math.Max(thread, await HttpRatio.PerSecondAsync(http, path));
            file = Math.Max(file, await HttpRatio.PerSecondAsync(http, "talk.html"));
        }

        Console.WriteLine(
            $"requests a second of a thread from memory against a static file of the same bytes\n  {thread / file:0.00}"
        );
    }

    // What is offered beyond the limits is refused, and what is accepted is counted in the database afterwards.
    private static async Task FloodAsync(DemoServer server, string key)
    {
        var places = Enumerable.Range(2, Places).Select(place => FromPlace(server, place)).ToList();
        var before = await CountAsync(server);
        var (accepted, refused, slowest, quiet) = (0, 0, 0d, await HttpRatio.TimeAsync(server, "api/sites/1/comments"));
        using var over = new CancellationTokenSource(TimeSpan.FromSeconds(FloodSeconds));
        var offering = Task.Run(async () =>
        {
            var sent = new List<Task>();
            using var timer = new PeriodicTimer(TimeSpan.FromMilliseconds(20));
            for (var number = 0; !over.IsCancellationRequested; await timer.WaitForNextTickAsync())
            for (var burst = 0; burst < FloodEachSecond / 50; burst++)
                sent.Add(OfferAsync(number++));
            await Task.WhenAll(sent);
        });
        async Task OfferAsync(int number)
        {
            using var answer = await PostAsync(
                places[number % Places],
                key,
                $"flood-{number % 20}",
                $"Flood number {number}, and not a word of it like another: {Guid.NewGuid()}."
            );
            if (answer.IsSuccessStatusCode)
                Interlocked.Increment(ref accepted);
            else
                Interlocked.Increment(ref refused);
        }

        while (!over.IsCancellationRequested)
            slowest = Math.Max(slowest, await HttpRatio.TimeAsync(server, "api/sites/1/comments"));
        await offering;
        places.ForEach(place => place.Dispose());
        Console.WriteLine(
            $"under {FloodEachSecond} comments a second: {accepted} accepted, {refused} refused, {await CountAsync(server) - before} stored; slowest answer to a moderator {slowest / quiet:0.0} times a quiet one ({slowest:0} ms of 300)"
        );
    }

    // Every address of the loopback network is ours, so that one machine can be many households.
    private static HttpClient FromPlace(DemoServer server, int place) =>
        new(
            new SocketsHttpHandler
            {
                ConnectCallback = async (context, cancellation) =>
                {
                    var socket = new Socket(SocketType.Stream, ProtocolType.Tcp);
                    socket.Bind(new IPEndPoint(IPAddress.Parse($"127.0.{place / 250}.{2 + place % 250}"), 0));
                    await socket.ConnectAsync(context.DnsEndPoint.Host, context.DnsEndPoint.Port, cancellation);
                    return new NetworkStream(socket, ownsSocket: true);
                },
            }
        )
        {
            BaseAddress = server.Owner.BaseAddress,
        };

    private static async Task<int> CountAsync(DemoServer server) =>
        (await server.GetAsync("api/sites/1/comments"))["counts"]!.AsObject().Sum(one => (int)one.Value!);

    private static async Task WriteAsync(HttpClient http, string key, string thread, string text)
    {
        using var answer = await PostAsync(http, key, thread, text);
        answer.EnsureSuccessStatusCode();
    }

    private static Task<HttpResponseMessage> PostAsync(HttpClient http, string key, string thread, string text)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, $"embed/threads/{key}")
        {
            Content = new FormUrlEncodedContent(
                new Dictionary<string, string>
                {
                    ["id"] = thread,
                    ["url"] = "https://quillmoor.example/talk",
                    ["name"] = "Nell Hartley",
                    ["text"] = text,
                }
            ),
        };
        request.Headers.Add("Accept", "application/json");
        return http.SendAsync(request);
    }
}
