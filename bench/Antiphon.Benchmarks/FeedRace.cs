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
}
