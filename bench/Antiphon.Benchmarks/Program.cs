using System.Diagnostics;
using System.ServiceModel.Syndication;
using System.Text;
using System.Xml;
using Antiphon.Benchmarks;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;

// Every figure is a ratio against a reference measured in the same run, so that it means the same on any machine.
var text = SampleFeed.Rss(1000);
var bytes = Encoding.UTF8.GetBytes(text);
var bare = Best(() =>
{
    using var reader = XmlReader.Create(new StringReader(text), new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore });
    while (reader.Read())
    {
    }
});
var framework = Best(() =>
{
    using var reader = XmlReader.Create(new StringReader(text));
    _ = SyndicationFeed.Load(reader).Items.Count();
});
var reading = Best(() => FeedReader.Read(bytes, new FeedReadOptions()));
var checking = Best(() => FeedCheck.Run(bytes, new FeedCheckOptions(DateTimeOffset.UnixEpoch.AddYears(60))));

Console.WriteLine($"a feed of 1,000 entries, {bytes.Length / 1000} kB");
Console.WriteLine($"reading against one bare XmlReader pass   {reading / bare:0.00} (budget 2.50)");
Console.WriteLine($"reading against the framework's reader    {reading / framework:0.00} (budget 1.00)");
Console.WriteLine($"checking against reading                  {checking / reading:0.00} (budget 4.00)");

static double Best(Action act)
{
    for (var i = 0; i < 20; i++) act();
    var best = double.MaxValue;
    for (var i = 0; i < 40; i++)
    {
        var start = Stopwatch.GetTimestamp();
        act();
        best = Math.Min(best, Stopwatch.GetElapsedTime(start).TotalMilliseconds);
    }

    return best;
}
