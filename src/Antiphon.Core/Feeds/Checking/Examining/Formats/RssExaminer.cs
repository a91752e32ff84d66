using System.Globalization;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of RSS 0.9x and 2.0.</summary>
internal sealed class RssExaminer(Examination examination)
{
    private const int MostOldItems = 15;
    private static readonly string[] Versions = ["0.91", "0.92", "0.93", "0.94", "2.0", "2.0.1"];

    /// <summary>Examines the whole document.</summary>
    public void Examine(SourceElement root)
    {
        ExamineVersion(root);
        var channels = (root.LocalName == "channel" ? [root] : root.Own("channel")).ToList();
        if (channels.Count == 0)
        {
            examination.Report(RssRules.ChannelMissing, root);
            return;
        }

        if (channels.Count > 1)
            examination.Report(RssDetailRules.ChannelTwice, channels[1]);
        var outside = root.Own("item").Take(root.LocalName == "channel" ? 0 : 1).FirstOrDefault();
        if (outside is not null)
            examination.Report(RssDetailRules.ItemOutside, outside);
        var isOld = root.Attribute("version")?.StartsWith("0.9", StringComparison.Ordinal) == true;
        var vocabulary = isOld ? RssVocabulary.Old : RssVocabulary.Current;
        var elements = new VocabularyExaminer(examination, vocabulary, element => element.IsRss);
        foreach (var channel in channels)
            elements.Examine(channel, vocabulary.Root.Child("channel")!);
        ExamineChannel(channels[0], isOld);
        var items = channels[0].Own("item").Concat(outside is null ? [] : root.Own("item")).ToList();
        if (items.Count == 0)
            examination.Report(Finding.Overall(SharedRules.NoEntries));
        var guids = new HashSet<string>(StringComparer.Ordinal);
        var parts = new AtomPartsExaminer(examination);
        parts.Examine(channels[0]);
        foreach (var item in items)
        {
            new RssItemExaminer(examination, guids, isOld).Examine(item);
            parts.Examine(item);
        }

        ExamineBuild(channels[0], items);
        if (root.Attribute("version")?.Trim() == "0.91")
            ExamineOld(channels[0], items);
    }

    private void ExamineVersion(SourceElement root)
    {
        if (root.LocalName == "channel")
        {
            examination.Report(RssRules.RootMissing, root);
            return;
        }

        if (root.LocalName != "rss")
            examination.Report(RssStructureRules.Miswritten, root, root.Name, "rss");
        foreach (
            var attribute in root.Attributes.Where(attribute =>
                attribute is { Namespace: "", LocalName: not "version" }
            )
        )
            examination.Report(
                RssStructureRules.AttributeUnknown,
                attribute.PlaceIn(root),
                attribute.LocalName,
                root.Name
            );
        if (root.Text.Trim() is { Length: > 0 } text)
            examination.Report(RssStructureRules.StrayText, root.TextPlace, text, root.Name);
        foreach (var child in root.Children.Where(child => child.IsRss && child.LocalName is not ("channel" or "item")))
            examination.Report(
                RssVocabulary.Current.Knows(child.LocalName) ? RssStructureRules.Misplaced : RssRules.ElementUnknown,
                child,
                child.Name,
                root.Name
            );
        if (string.IsNullOrWhiteSpace(root.Attribute("version")))
            examination.Report(RssRules.VersionMissing, root);
        else if (!Versions.Contains(root.Attribute("version")))
            examination.Report(RssDetailRules.VersionUnknown, root, root.Attribute("version")!);
    }

    private void ExamineChannel(SourceElement channel, bool isOld)
    {
        foreach (
            var date in channel.Children.Where(child => child.IsRss && child.LocalName is "pubDate" or "lastBuildDate")
        )
            RssDateExaminer.Examine(examination, date);
        foreach (var title in channel.Own("title"))
            TextExaminer.ExamineTitle(examination, title);
        foreach (var description in channel.Own("description"))
            TextExaminer.ExamineHtml(examination, description);
        foreach (
            var list in channel.Children.Where(child => child.IsRss && child.LocalName is "skipHours" or "skipDays")
        )
            ExamineSkipped(list);
        foreach (var image in channel.Own("image"))
            ExamineImage(image, channel);
        // There were no namespaces before RSS 2.0, so that nothing could name the address.
        if (!isOld && !channel.Of(FeedNamespaces.Atom, "link").Any(link => link.Attribute("rel") == "self"))
            examination.Report(RssRules.SelfLinkMissing, channel);
    }

    private void ExamineSkipped(SourceElement list)
    {
        var seen = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        foreach (var skipped in list.Children.Where(child => child.IsRss))
        {
            var text = skipped.Text.Trim();
            if (
                !seen.Add(
                    int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var hour)
                        ? hour.ToString(CultureInfo.InvariantCulture)
                        : text
                )
            )
                examination.Report(RssStructureRules.SkipTwice, skipped.TextPlace, text, list.Name);
        }
    }

    private void ExamineImage(SourceElement image, SourceElement channel)
    {
        foreach (var name in (string[])["title", "link"])
        {
            var (own, channels) = (image.Own(name).FirstOrDefault(), channel.Own(name).FirstOrDefault());
            if (own is null || channels is null || own.Text.Trim().Length == 0)
                continue;
            if (own.Text.Trim().TrimEnd('/') != channels.Text.Trim().TrimEnd('/'))
                examination.Report(RssStructureRules.ImageDiffers, own.TextPlace, name);
        }
    }

    private void ExamineBuild(SourceElement channel, List<SourceElement> items)
    {
        if (
            channel.Own("lastBuildDate").FirstOrDefault() is not { } build
            || Rfc822Form.Read(build.Text.Trim())?.Instant is not { } built
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

    // What later versions made optional.
    private void ExamineOld(SourceElement channel, List<SourceElement> items)
    {
        foreach (var name in (string[])["language", "image"])
        {
            if (!channel.Own(name).Any())
                examination.Report(RssStructureRules.OldRequired, channel, name, channel.Name);
        }

        foreach (var item in items)
        {
            foreach (var name in (string[])["title", "link"])
            {
                if (!item.Own(name).Any())
                    examination.Report(RssStructureRules.OldRequired, item, name, item.Name);
            }
        }

        if (items.Count > MostOldItems)
            examination.Report(
                RssStructureRules.OldMany,
                items[MostOldItems],
                items.Count.ToString(CultureInfo.InvariantCulture)
            );
    }
}
