using System.Globalization;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs what a channel of RSS says of itself.</summary>
internal sealed class RssChannelRepair(RepairWork work, XElement channel)
{
    private static readonly XNamespace DublinCore = FeedNamespaces.DublinCore;
    private static readonly string[] DroppedWhenBlank =
    [
        "language",
        "pubDate",
        "lastBuildDate",
        "docs",
        "managingEditor",
        "webMaster",
        "ttl",
    ];

    /// <summary>Repairs the channel.</summary>
    public void Run()
    {
        RepairRequired();
        foreach (
            var element in channel
                .Elements()
                .Where(element => DroppedWhenBlank.Contains(element.Name.LocalName) && IsBlank(element))
                .ToList()
        )
        {
            element.Remove();
            work.Note(
                channel,
                element.Name == "ttl" ? RssDetailRules.Ttl.Id : RssStructureRules.Empty.Id,
                $"Left out the empty {element.Name.LocalName}"
            );
        }

        foreach (
            var editor in channel
                .Elements()
                .Where(element =>
                    element.Name.LocalName is "managingEditor" or "webMaster"
                    && element.Name.Namespace == XNamespace.None
                )
                .ToList()
        )
            RepairEditor(editor);
        foreach (var title in channel.Elements("title"))
            TextElement.Title(work, title);
        foreach (var image in channel.Elements("image"))
            RepairImage(image);
        foreach (
            var list in channel
                .Elements()
                .Where(element => element.Name.LocalName is "skipHours" or "skipDays")
                .ToList()
        )
            RepairSkipped(list);
    }

    private static bool IsBlank(XElement element) =>
        element.Name.Namespace == XNamespace.None && string.IsNullOrWhiteSpace(element.Value) && !element.HasElements;

    private void RepairRequired()
    {
        var title = channel.Element("title")?.Value.Trim();
        var home = work.Home;
        Require("title", home?.Host, "named the channel after its site");
        Require(
            "link",
            home?.GetLeftPart(UriPartial.Authority) + (home is null ? null : "/"),
            "led the channel to its site"
        );
        Require("description", string.IsNullOrEmpty(title) ? home?.Host : title, "described the channel by its title");
    }

    private void Require(string wanted, string? value, string done)
    {
        var found = channel.Element(wanted);
        var isThere = found is not null && (wanted == "description" || found.Value.Trim().Length > 0);
        if (isThere || string.IsNullOrEmpty(value))
            return;
        var rule = found is null ? RssRules.ChannelElementMissing.Id : RssRules.ChannelElementBlank.Id;
        if (found is not null)
            found.Value = value;
        else
            RepairWork.AddFirst(channel, new XElement(wanted, value));
        work.Note(channel, rule, $"There was no {wanted}: {done}");
    }

    private void RepairEditor(XElement editor)
    {
        if (MailForm.Person(editor.Value)?.Rule != RssRules.AuthorNotMail)
            return;
        work.Declare("dc", DublinCore);
        work.Note(
            editor,
            RssDetailRules.EditorNotMail.Id,
            $"Wrote {editor.Name.LocalName} “{editor.Value.Trim()}” as dc:contributor, since it has no email address"
        );
        RepairWork.Rename(editor, DublinCore + "contributor");
    }

    // A picture without an address is none, and what it says of itself is what the channel says.
    private void RepairImage(XElement image)
    {
        foreach (var name in (string[])["title", "link"])
        {
            var value = channel.Element(name)?.Value.Trim();
            var found = image.Element(name);
            if (string.IsNullOrEmpty(value) || found?.Value.Trim().Length > 0)
                continue;
            if (found is null)
                RepairWork.Add(image, new XElement(name, value));
            else
                found.Value = value;
            work.Note(image, RssDetailRules.ImageIncomplete.Id, $"Gave the image the {name} of the channel");
        }
    }

    private void RepairSkipped(XElement list)
    {
        var seen = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        foreach (var skipped in list.Elements().Where(element => element.Name.Namespace == XNamespace.None).ToList())
        {
            var text = skipped.Value.Trim();
            var key = int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var hour)
                ? hour.ToString(CultureInfo.InvariantCulture)
                : text;
            if (seen.Add(key))
                continue;
            skipped.Remove();
            work.Note(list, RssStructureRules.SkipTwice.Id, $"Kept “{text}” once in {list.Name.LocalName}");
        }
    }
}
