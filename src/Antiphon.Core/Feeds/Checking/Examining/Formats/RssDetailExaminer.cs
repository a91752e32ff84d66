using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules about the finer parts of RSS.</summary>
internal sealed class RssDetailExaminer(Examination examination)
{
    private static readonly string[] Versions = ["0.90", "0.91", "0.92", "0.93", "0.94", "1.0", "2.0", "2.0.1"];
    private static readonly string[] Days =
    [
        "monday",
        "tuesday",
        "wednesday",
        "thursday",
        "friday",
        "saturday",
        "sunday",
    ];
    private static readonly string[] CloudParts = ["domain", "port", "path", "registerProcedure", "protocol"];
    private const int WidestImage = 144;
    private const int HighestImage = 400;

    /// <summary>Examines the document.</summary>
    public void Examine(SourceElement root)
    {
        var isRdf = root.LocalName == "RDF";
        var channels = root.Own("channel").ToList();
        if (
            root.Attribute("version") is { } version
            && !string.IsNullOrWhiteSpace(version)
            && !Versions.Contains(version.Trim())
        )
            examination.Report(RssDetailRules.VersionUnknown, root, version);
        if (channels.Count > 1)
            examination.Report(RssDetailRules.ChannelTwice, channels[1]);
        if (!isRdf)
            foreach (var item in root.Own("item").Take(1))
                examination.Report(RssDetailRules.ItemOutside, item);
        if (channels.FirstOrDefault() is not { } channel)
            return;
        // RSS 0.91 counted the hours from 1 to 24, RSS 2.0 counts them from 0 to 23.
        var lastHour = root.Attribute("version")?.StartsWith("0.9", StringComparison.Ordinal) == true ? 24 : 23;
        ExamineChannel(channel, isRdf, lastHour);
        var items = channel.Own("item").Concat(root.Own("item")).ToList();
        foreach (var item in items)
            ExamineItem(item, isRdf);
        ExamineBuild(channel, items);
        if (isRdf)
            ExamineRdf(channel);
    }

    private void ExamineChannel(SourceElement channel, bool isRdf, int lastHour)
    {
        foreach (var ttl in channel.Own("ttl").Where(ttl => !ValueTests.IsPositive(ttl.Text)))
            examination.Report(RssDetailRules.Ttl, ttl.TextPlace, ttl.Text);
        foreach (
            var hour in channel
                .Own("skipHours")
                .SelectMany(hours => hours.Own("hour"))
                .Where(hour => !ValueTests.IsBetween(hour.Text, 0, lastHour))
        )
            examination.Report(RssDetailRules.SkipHour, hour.TextPlace, hour.Text);
        foreach (
            var day in channel
                .Own("skipDays")
                .SelectMany(days => days.Own("day"))
                .Where(day => !Days.Contains(day.Text.Trim().ToLowerInvariant()))
        )
            examination.Report(RssDetailRules.SkipDay, day.TextPlace, day.Text);
        foreach (var image in channel.Own("image").Where(_ => !isRdf))
            ExamineImage(image);
        foreach (var input in channel.Own("textInput").Where(_ => !isRdf))
            ReportMissing(input, ["title", "description", "name", "link"], RssDetailRules.TextInputIncomplete);
        foreach (
            var (cloud, part) in channel
                .Own("cloud")
                .SelectMany(cloud =>
                    CloudParts.Where(part => cloud.Attribute(part) is null).Select(part => (cloud, part))
                )
        )
            examination.Report(RssDetailRules.CloudIncomplete, cloud, part);
        foreach (
            var editor in channel
                .Own("managingEditor")
                .Concat(channel.Own("webMaster"))
                .Where(editor => !editor.Text.Contains('@', StringComparison.Ordinal))
        )
            examination.Report(RssDetailRules.EditorNotMail, editor.TextPlace, editor.LocalName, editor.Text);
    }

    private void ExamineImage(SourceElement image)
    {
        ReportMissing(image, ["url", "title", "link"], RssDetailRules.ImageIncomplete);
        foreach (var (name, most) in new[] { ("width", WidestImage), ("height", HighestImage) })
        {
            foreach (var size in image.Own(name).Where(size => !ValueTests.IsBetween(size.Text, 1, most)))
                examination.Report(RssDetailRules.ImageSize, size.TextPlace, name, size.Text);
        }
    }

    private void ReportMissing(SourceElement parent, string[] names, CheckRule rule)
    {
        foreach (var name in names.Where(name => !parent.Own(name).Any(part => !string.IsNullOrWhiteSpace(part.Text))))
            examination.Report(rule, parent, name);
    }

    private void ExamineItem(SourceElement item, bool isRdf)
    {
        if (
            isRdf
            && string.IsNullOrWhiteSpace(
                item.Attributes.FirstOrDefault(attribute =>
                    attribute is { LocalName: "about", Namespace: FeedNamespaces.Rdf }
                )?.Value
            )
        )
            examination.Report(RssDetailRules.AboutMissing, item, item.Name);
        foreach (var source in item.Own("source").Where(source => string.IsNullOrWhiteSpace(source.Attribute("url"))))
            examination.Report(RssDetailRules.SourceWithoutAddress, source);
        foreach (var category in item.Own("category").Where(category => string.IsNullOrWhiteSpace(category.Text)))
            examination.Report(RssDetailRules.CategoryEmpty, category);
        foreach (var title in item.Own("title"))
        {
            if (ValueTests.FirstTag(title.Text) is { } tag)
                examination.Report(RssDetailRules.TitleMarkup, title.TextPlace, tag);
        }

        var enclosures = item.Own("enclosure").Count();
        if (enclosures > 1)
            examination.Report(
                RssDetailRules.EnclosureSeveral,
                item,
                enclosures.ToString(System.Globalization.CultureInfo.InvariantCulture)
            );
    }

    private void ExamineBuild(SourceElement channel, List<SourceElement> items)
    {
        if (
            channel.Own("lastBuildDate").FirstOrDefault() is not { } build
            || PublishedDateParser.Parse(build.Text) is not { } built
        )
            return;
        var newest = items
            .SelectMany(item => item.Own("pubDate"))
            .Select(date => PublishedDateParser.Parse(date.Text))
            .Where(date => date <= examination.Now)
            .Max();
        if (newest > built.AddMinutes(1))
            examination.Report(RssDetailRules.BuildOlder, build.TextPlace, build.Text);
    }

    private void ExamineRdf(SourceElement channel)
    {
        // RSS 0.90 is RDF too, but had neither addresses nor a list.
        if (channel.Namespace != FeedNamespaces.Rss10)
            return;
        if (!channel.Own("items").Any(list => list.Of(FeedNamespaces.Rdf, "Seq").Any()))
            examination.Report(RssDetailRules.SequenceMissing, channel);
    }
}
