using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of RSS 0.9x, 1.0 and 2.0 to the channel.</summary>
internal sealed class RssExaminer(Examination examination)
{
    private static readonly HashSet<string> ChannelElements =
    [
        "title",
        "link",
        "description",
        "language",
        "copyright",
        "managingEditor",
        "webMaster",
        "pubDate",
        "lastBuildDate",
        "category",
        "generator",
        "docs",
        "cloud",
        "ttl",
        "image",
        "rating",
        "textInput",
        "textinput",
        "skipHours",
        "skipDays",
        "item",
        "items",
    ];

    private static readonly string[] OnceInChannel =
    [
        "title",
        "link",
        "description",
        "language",
        "copyright",
        "managingEditor",
        "webMaster",
        "pubDate",
        "lastBuildDate",
        "generator",
        "image",
        "ttl",
    ];

    /// <summary>Examines the whole document.</summary>
    public void Examine(SourceElement root)
    {
        var isRdf = root.LocalName == "RDF";
        if (!isRdf && string.IsNullOrWhiteSpace(root.Attribute("version")))
            examination.Report(RssRules.VersionMissing, root);
        if (root.Own("channel").FirstOrDefault() is not { } channel)
        {
            examination.Report(RssRules.ChannelMissing, root);
            return;
        }

        ExamineChannel(channel, isRdf);
        ExamineItems([.. channel.Own("item"), .. root.Own("item")], isRdf);
    }

    private void ExamineChannel(SourceElement channel, bool isRdf)
    {
        foreach (var name in (string[])["title", "link", "description"])
        {
            var found = channel.Own(name).FirstOrDefault();
            // The description may be empty in the wild without harm; the title and link may not.
            if (found is null || (name != "description" && string.IsNullOrWhiteSpace(found.Text)))
                examination.Report(RssRules.ChannelElementMissing, channel, name);
        }

        foreach (
            var link in channel
                .Own("link")
                .Where(link => !string.IsNullOrWhiteSpace(link.Text) && !LinkResolver.IsAbsolute(link.Text))
        )
        {
            examination.Report(SharedRules.LinkNotAbsolute, link.TextPlace, link.Text);
        }

        foreach (var language in channel.Own("language"))
            LanguageExaminer.Examine(examination, language);
        foreach (
            var date in channel.Children.Where(child => child.IsRss && child.LocalName is "pubDate" or "lastBuildDate")
        )
            RssDateExaminer.Examine(examination, date);
        ReportRepeated(channel, OnceInChannel);
        ReportUnknown(channel, ChannelElements);
        if (!isRdf && !channel.Of(FeedNamespaces.Atom, "link").Any(link => link.Attribute("rel") == "self"))
            examination.Report(RssRules.SelfLinkMissing, channel);
    }

    private void ExamineItems(IReadOnlyList<SourceElement> items, bool isRdf)
    {
        if (items.Count == 0)
            examination.Report(Finding.Overall(SharedRules.NoEntries));
        var guids = new HashSet<string>(StringComparer.Ordinal);
        var itemExaminer = new RssItemExaminer(examination, isRdf, guids);
        foreach (var item in items)
            itemExaminer.Examine(item);
    }

    private void ReportRepeated(SourceElement channel, string[] names) =>
        RepeatedElements.Report(channel, names, again =>
            examination.Report(RssRules.ElementRepeated, again, again.Name, channel.Name)
        );

    private void ReportUnknown(SourceElement parent, HashSet<string> known)
    {
        foreach (
            var child in parent.Children.Where(child => child.Namespace.Length == 0 && !known.Contains(child.LocalName))
        )
        {
            examination.Report(RssRules.ElementUnknown, child, child.Name, parent.Name);
        }
    }
}
