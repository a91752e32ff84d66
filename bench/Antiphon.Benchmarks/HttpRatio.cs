using System.Diagnostics;

namespace Antiphon.Benchmarks;

/// <summary>Times of answers over HTTP.</summary>
internal static class HttpRatio
{
    private const int Rounds = 12;
    private const int Requests = 3000;
    private const int AtOnce = 16;

    /// <summary>Best time of one answer over that of another, asked in turns, so that a disturbance meets both.</summary>
    public static async Task<double> OfAsync(DemoServer large, string largePath, DemoServer small, string smallPath)
    {
        var (best, reference) = (double.MaxValue, double.MaxValue);
        for (var round = -2; round < Rounds; round++)
        {
            var (one, other) = (await TimeAsync(large, largePath), await TimeAsync(small, smallPath));
            if (round >= 0)
                (best, reference) = (Math.Min(best, one), Math.Min(reference, other));
        }

        return best / reference;
    }

    /// <summary>Milliseconds of one answer.</summary>
    public static async Task<double> TimeAsync(DemoServer server, string path)
    {
        var start = Stopwatch.GetTimestamp();
        using var answer = await server.Owner.GetAsync(path);
        await answer.EnsureSuccessStatusCode().Content.ReadAsByteArrayAsync();
        return Stopwatch.GetElapsedTime(start).TotalMilliseconds;
    }

    /// <summary>Answers a second, some asked for at once.</summary>
    public static async Task<double> PerSecondAsync(HttpClient http, string path)
    {
        var start = Stopwatch.GetTimestamp();
        await Parallel.ForEachAsync(
            Enumerable.Range(0, Requests),
            new ParallelOptions { MaxDegreeOfParallelism = AtOnce },
            async (_, cancellation) =>
            {
                using var answer = await http.GetAsync(path, cancellation);
                await answer.Content.ReadAsByteArrayAsync(cancellation);
            }
        );
        return Requests / Stopwatch.GetElapsedTime(start).TotalSeconds;
    }
}
