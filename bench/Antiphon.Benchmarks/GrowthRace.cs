using System.Diagnostics;
using System.Text;
using System.Xml;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Benchmarks;

/// <summary>How reading and checking grow from a thousand entries to fifty megabytes, in time for each entry and in memory for each megabyte.</summary>
internal static class GrowthRace
{
    private const int Small = 1000;
    private const int Large = 10_000;
    private const long Huge = 50_000_000;

    /// <summary>Prints the ratios.</summary>
    public static void Run()
    {
        var (small, large) = (
            Encoding.UTF8.GetBytes(SampleFeed.Rss(Small)),
            Encoding.UTF8.GetBytes(SampleFeed.Rss(Large))
        );
        var huge = Encoding.UTF8.GetBytes(SampleFeed.Rss((int)(Huge / (large.Length / Large))));
        Console.WriteLine("time for each byte against a feed of 1,000 entries");
        foreach (var (name, act) in Acts())
        {
            double Each(byte[] bytes, int rounds) =>
                Enumerable.Range(0, rounds).Min(_ => Time(() => act(bytes))) / bytes.Length;
            var first = Each(small, 30);
            Console.WriteLine(
                $"  {name, -9} 10,000 entries {Each(large, 8) / first:0.00}, 50 MB {Each(huge, 2) / first:0.00}"
            );
        }

        Console.WriteLine("memory at most while reading 50 MB, for each byte of the feed (budget 10)");
        foreach (var (name, act) in Acts())
            Console.WriteLine($"  {name, -9} {PeakOf(() => act(huge)) / (double)huge.Length:0.0}");
    }

    private static (string Name, Action<byte[]> Act)[] Acts() => [("bare", bytes =>
            {
                using var reader = XmlReader.Create(
                    new MemoryStream(bytes),
                    new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore }
                );
                while (reader.Read()) { }
            }), ("reading", bytes => FeedReader.Read(bytes, new FeedReadOptions())), ("checking", bytes => FeedCheck.Run(bytes, new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(60))))];

    private static double Time(Action act)
    {
        var start = Stopwatch.GetTimestamp();
        act();
        return Stopwatch.GetElapsedTime(start).TotalMilliseconds;
    }

    // The heap at its largest, looked at every few milliseconds from beside; what the feed's own bytes take is not counted.
    private static long PeakOf(Action act)
    {
        GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true);
        var before = GC.GetTotalMemory(forceFullCollection: true);
        var (peak, isOver) = (0L, false);
        var watcher = new Thread(() =>
        {
            while (!Volatile.Read(ref isOver))
            {
                peak = Math.Max(peak, GC.GetTotalMemory(forceFullCollection: false));
                Thread.Sleep(2);
            }
        });
        watcher.Start();
        act();
        Volatile.Write(ref isOver, true);
        watcher.Join();
        return peak - before;
    }
}
