using Antiphon.Tests;

namespace Antiphon.Benchmarks;

/// <summary>Lists, search and coverage of a large site against a small one, over HTTP with the real database.</summary>
internal static class PostRace
{
    /// <summary>Starts two servers and prints the ratios.</summary>
    public static async Task RunAsync()
    {
        await using var world = await OutsideWorld.StartAsync();
        await using var small = await DemoServer.StartAsync(world);
        await using var large = await DemoServer.StartAsync(world);
        // A search looks into the texts of a whole installation, so each size has one of its own.
        var (few, some) = (
            await ManyPosts.SiteAsync(small, "few", 1000),
            await ManyPosts.SiteAsync(small, "hundred", 100)
        );
        var (many, board) = (
            await ManyPosts.SiteAsync(large, "many", 100_000),
            await ManyPosts.SiteAsync(large, "board", 10_000)
        );
        Console.WriteLine("lists and search among 100,000 posts against 1,000");
        foreach (
            var (name, path) in new[]
            {
                ("first page", "posts?counted=false"),
                ("by title", "posts?counted=false&sort=title"),
                ("a status", "posts?counted=false&status=published"),
                ("a category", "posts?counted=false&category=Night%20Log"),
                ("a year", "posts?counted=false&from=2026-01-01T00:00:00Z&to=2027-01-01T00:00:00Z"),
                ("counting", "posts/count"),
                ("search, few findings", "posts?counted=false&search=object%20996"),
                ("search, words in all", "posts?counted=false&search=clear%20moor"),
            }
        )
            Console.WriteLine(
                $"  {name, -28} {await HttpRatio.OfAsync(large, $"api/sites/{many}/{path}", small, $"api/sites/{few}/{path}"):0.00}"
            );
        var (deepMany, deepFew) = (await DeepAsync(large, many), await DeepAsync(small, few));
        Console.WriteLine($"  {"tenth page", -28} {await HttpRatio.OfAsync(large, deepMany, small, deepFew):0.00}");
        Console.WriteLine(
            "coverage: a window of 50 rows among 10,000 posts against 100 (budget 1.5), and among 100,000"
        );
        foreach (
            var (name, path) in new[]
            {
                ("first", "coverage?from=0&count=50"),
                ("in the middle", "coverage?from=50&count=50"),
                ("something is off", "coverage?show=off&from=0&count=50"),
            }
        )
            Console.WriteLine(
                $"  {name, -28} {await HttpRatio.OfAsync(large, $"api/sites/{board}/{path}", small, $"api/sites/{some}/{path}"):0.00}   {await HttpRatio.OfAsync(large, $"api/sites/{many}/{path}", small, $"api/sites/{some}/{path}"):0.00}"
            );
        Console.WriteLine("  the same when a post has just changed, so that everything is chosen anew");
        Console.WriteLine($"  {"first", -28} {await ColdAsync(large, board) / await ColdAsync(small, some):0.00}");
    }

    private static async Task<double> ColdAsync(DemoServer server, long site)
    {
        var best = double.MaxValue;
        for (var round = 0; round < 4; round++)
        {
            await server.PostAsync(
                $"api/sites/{site}/posts",
                new
                {
                    blogId = (long)(await server.GetAsync($"api/sites/{site}/blogs"))[0]!["id"]!,
                    title = "Another",
                    bodyHtml = "<p>x</p>",
                    status = "draft",
                    revision = 0,
                }
            );
            best = Math.Min(best, await HttpRatio.TimeAsync(server, $"api/sites/{site}/coverage?from=0&count=50"));
        }

        return best;
    }

    private static async Task<string> DeepAsync(DemoServer server, long site)
    {
        var path = $"api/sites/{site}/posts";
        for (var page = 1; page < 10; page++)
            path =
                $"api/sites/{site}/posts?counted=false&after={Uri.EscapeDataString((string)(await server.GetAsync(path))["next"]!)}";
        return path;
    }
}
