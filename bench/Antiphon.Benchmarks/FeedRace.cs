using System.ServiceModel.Syndication;
using System.Text;
using System.Xml;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Benchmarks;

/// <summary>Reading and checking a feed of a thousand entries.</summary>
internal static class FeedRace
{
    /// <summary>Prints the ratios.</summary>
    public static void Run()
    {
        var text = SampleFeed.Rss(1000);
        var bytes = Encoding.UTF8.GetBytes(text);
        var race = new Race()
            .With("bare", () =>
            {
                using var reader = XmlReader.Create(
                    new StringReader(text),
                    new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore }
                );
                while (reader.Read()) { }
            })
            .With("framework", () =>
            {
                using var reader = XmlReader.Create(new StringReader(text));
                _ = SyndicationFeed.Load(reader).Items.Count();
            })
            .With("reading", () => FeedReader.Read(bytes, new FeedReadOptions()))
            .With("checking", () => FeedCheck.Run(bytes, new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(60))))
            .Run(200);
        Console.WriteLine($"a feed of 1,000 entries, {bytes.Length / 1000} kB");
        Console.WriteLine(
            $"  reading against one bare XmlReader pass   {race.Ratio("reading", "bare"):0.00} (budget 2.50)"
        );
        Console.WriteLine(
            $"  reading against the framework's reader    {race.Ratio("reading", "framework"):0.00} (budget 1.00)"
        );
        Console.WriteLine(
            $"  checking against reading                  {race.Ratio("checking", "reading"):0.00} (budget 4.00)"
        );
    }

    /// <summary>Prints the ratios for entries as the world writes them, in each form.</summary>
    public static void RunRich()
    {
        foreach (var feed in RichFeed.All)
        {
            var text = feed.Of(1000);
            var bytes = Encoding.UTF8.GetBytes(text);
            var race = new Race()
                .With("bare", () => ReadValues(text))
                .With("framework", () =>
                {
                    using var reader = XmlReader.Create(new StringReader(text));
                    _ = SyndicationFeed.Load(reader).Items.Count();
                })
                .With("reading", () => FeedReader.Read(bytes, new FeedReadOptions()))
                .With("checking", () =>
                    FeedCheck.Run(bytes, new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(60)))
                )
                .Run(40);
            Console.WriteLine(
                $"  {feed.Name, -26} {bytes.Length / 1000} kB: reading {race.Ratio("reading", "bare"):0.00} of the bare pass (aim 2.20), {race.Ratio("reading", "framework"):0.00} of the framework's (aim 1.00), checking {race.Ratio("checking", "reading"):0.00} of reading (aim 3.00)"
            );
        }
    }

    private static void ReadValues(string text)
    {
        using var reader = XmlReader.Create(
            new StringReader(text),
            new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore }
        );
        var length = 0;
        while (reader.Read())
        {
            if (reader.HasValue)
                length += reader.Value.Length;
        }

        GC.KeepAlive(length);
    }
}
