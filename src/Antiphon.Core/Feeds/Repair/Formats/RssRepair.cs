using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs RSS 0.9x and 2.0.</summary>
internal sealed class RssRepair(RepairWork work)
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;
    private static readonly XNamespace DublinCore = FeedNamespaces.DublinCore;

    // What the elements of other formats, or of people's own, are called here.
    private static readonly Dictionary<string, XName> OtherNames = new()
    {
        ["summary"] = "description",
        ["content"] = XNamespace.Get(FeedNamespaces.Content) + "encoded",
        ["body"] = XNamespace.Get(FeedNamespaces.Content) + "encoded",
        ["subtitle"] = "description",
        ["published"] = "pubDate",
        ["updated"] = "pubDate",
        ["date"] = "pubDate",
        ["id"] = "guid",
        ["creator"] = DublinCore + "creator",
        ["tag"] = "category",
        ["keyword"] = "category",
        ["rights"] = "copyright",
    };

    /// <summary>Repairs the document.</summary>
    public void Run()
    {
        Wrap();
        if (work.Root.Name.LocalName != "rss")
            return;
        if (string.IsNullOrWhiteSpace((string?)work.Root.Attribute("version")))
        {
            work.Root.SetAttributeValue("version", "2.0");
            work.Note(work.Root, RssRules.VersionMissing.Id, "Said that it is RSS 2.0");
        }
        else if (Version((string)work.Root.Attribute("version")!) is { } version)
        {
            work.Root.SetAttributeValue("version", version);
            work.Note(work.Root, RssDetailRules.VersionUnknown.Id, $"Said that it is RSS {version}");
        }

        if (work.Root.Element("channel") is not { } channel)
            return;
        Gather(channel);
        work.Home = HomeOf(channel) ?? work.Address;
        var isOld = ((string?)work.Root.Attribute("version"))?.StartsWith("0.9", StringComparison.Ordinal) == true;
        var vocabulary = RssVocabulary.Of((string?)work.Root.Attribute("version"));
        new VocabularyRepair(work, vocabulary, XNamespace.None) { OtherNames = OtherNames }.Repair(
            work.Root,
            vocabulary.Root
        );
        if (work.Root.Descendants(XNamespace.Get(FeedNamespaces.Content) + "encoded").Any())
            work.Declare("content", FeedNamespaces.Content);
        new RssChannelRepair(work, channel).Run();
        foreach (
            var date in channel
                .Elements()
                .Where(element =>
                    element.Name.LocalName is "pubDate" or "lastBuildDate" && element.Name.Namespace == XNamespace.None
                )
                .ToList()
        )
            DatedElement.Rss(work, date);
        AddSelfLink(channel);
        var items = new RssItemRepair(work, isOld);
        foreach (var item in channel.Elements("item").ToList())
            items.Repair(item);
        new AtomRepair(work).RunWithin(channel.Elements("item").Prepend(channel).ToList());
    }

    // A channel alone is what is left of a document that lost its outermost element.
    private void Wrap()
    {
        if (work.Root.Name == "channel")
        {
            work.Wrap("rss");
            work.Note(work.Root, RssRules.RootMissing.Id, "Put the channel into an rss element");
        }
        else if (
            work.Root.Name.LocalName != "rss"
            && work.Root.Name.LocalName.Equals("rss", StringComparison.OrdinalIgnoreCase)
        )
        {
            RepairWork.Rename(work.Root, "rss");
            work.Note(work.Root, RssStructureRules.Miswritten.Id, "Wrote the outermost element as rss");
        }
    }

    private static string? Version(string version) =>
        version is "0.91" or "0.92" or "0.93" or "0.94" or "2.0" or "2.0.1" ? null
        : version.Trim() is "0.91" or "0.92" or "0.93" or "0.94" ? version.Trim()
        : "2.0";

    // Everything into one channel: readers look into no other.
    private void Gather(XElement channel)
    {
        foreach (var other in work.Root.Elements("channel").Skip(1).ToList())
        {
            foreach (var element in other.Elements().ToList())
            {
                element.Remove();
                if (
                    element.Name == "item"
                    || element.Name.Namespace != XNamespace.None
                    || channel.Element(element.Name) is null
                )
                    channel.Add(element);
                else if (!XNode.DeepEquals(element, channel.Element(element.Name)))
                {
                    channel.Add(element);
                    Kept.Element(work, element);
                }
            }

            other.Remove();
            work.Note(channel, RssDetailRules.ChannelTwice.Id, "Put what the second channel holds into the first");
        }

        foreach (var item in work.Root.Elements("item").ToList())
        {
            item.Remove();
            channel.Add(item);
            work.Note(item, RssDetailRules.ItemOutside.Id, "Put the item into the channel");
        }

        foreach (
            var element in work
                .Root.Elements()
                .Where(element => element != channel && element.Name.Namespace == XNamespace.None)
                .ToList()
        )
        {
            element.Remove();
            channel.AddFirst(element);
            work.Note(element, RssStructureRules.Misplaced.Id, $"Moved {element.Name.LocalName} into the channel");
        }
    }

    private static Uri? HomeOf(XElement channel)
    {
        var link = channel.Elements("link").Select(element => element.Value.Trim()).FirstOrDefault(LinkResolver.IsWeb);
        return link is not null ? new Uri(link) : null;
    }

    private void AddSelfLink(XElement channel)
    {
        if (
            work.Address is null
            || channel.Elements(Atom + "link").Any(link => (string?)link.Attribute("rel") == "self")
        )
            return;
        work.Declare("atom", Atom);
        RepairWork.AddFirst(
            channel,
            new XElement(
                Atom + "link",
                new XAttribute("rel", "self"),
                new XAttribute("type", "application/rss+xml"),
                new XAttribute("href", work.Address.AbsoluteUri)
            )
        );
        work.Note(channel, RssRules.SelfLinkMissing.Id, "Named the feed's own address");
    }
}
