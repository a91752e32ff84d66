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
    private const int Rounds = 5;
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
        Console.WriteLine("time for each byte against a feed of 1,000 entries (aim 1.20)");
        foreach (var (name, act) in Acts())
        {
            WarmUp(() => act(small));
            var (toLarge, toHuge) = (new List<double>(), new List<double>());
            for (var round = 0; round < Rounds; round++)
            {
                // As much of each in a round, so that collecting what the one leaves is not charged to the other.
                var one = Each(() => act(small), small.Length, large.Length / small.Length * 5);
                toLarge.Add(Each(() => act(large), large.Length, 5) / one);
                toHuge.Add(Each(() => act(huge), huge.Length, 1) / one);
            }

            Console.WriteLine($"  {name, -9} 10,000 entries {Middle(toLarge):0.00}, 50 MB {Middle(toHuge):0.00}");
        }

        Console.WriteLine(
            "memory at most while reading 50 MB, for each byte of the feed (aims 1.5 reading, 4 checking)"
        );
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

    // Until the code has been compiled for good.
    private static void WarmUp(Action act)
    {
        for (var start = Stopwatch.GetTimestamp(); Stopwatch.GetElapsedTime(start) < TimeSpan.FromSeconds(3); )
            act();
    }

    private static double Each(Action act, int length, int times)
    {
        GC.Collect();
        var start = Stopwatch.GetTimestamp();
        for (var time = 0; time < times; time++)
            act();
        return Stopwatch.GetElapsedTime(start).TotalMilliseconds / times / length;
    }

    private static double Middle(List<double> values) => values.Order().ElementAt(values.Count / 2);

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
