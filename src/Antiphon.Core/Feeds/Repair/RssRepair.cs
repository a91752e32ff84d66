using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Repairs the channel of RSS 0.9x, 1.0 and 2.0.</summary>
internal sealed class RssRepair(RepairWork work, bool isRdf)
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;

    /// <summary>Repairs the document.</summary>
    public void Run()
    {
        var name = isRdf
            ? work.Root.Elements().FirstOrDefault(element => element.Name.LocalName == "channel")?.Name.Namespace
                ?? XNamespace.None
            : XNamespace.None;
        if (!isRdf && string.IsNullOrWhiteSpace((string?)work.Root.Attribute("version")))
        {
            work.Root.SetAttributeValue("version", "2.0");
            work.Note(work.Root, RssRules.VersionMissing.Id, "Said that it is RSS 2.0");
        }

        if (work.Root.Element(name + "channel") is not { } channel)
            return;
        var home = HomeOf(channel, name);
        RepairRequired(channel, name, home);
        foreach (var link in channel.Elements(name + "link"))
            RepairLink(link, home);
        foreach (var language in channel.Elements(name + "language"))
            RepairLanguage(language);
        foreach (
            var date in channel
                .Elements()
                .Where(element => element.Name == name + "pubDate" || element.Name == name + "lastBuildDate")
                .ToList()
        )
            DateRepair.Rss(work, date);
        if (!isRdf)
            AddSelfLink(channel);
        var items = new RssItemRepair(work, isRdf, home);
        foreach (var item in channel.Elements(name + "item").Concat(work.Root.Elements(name + "item")).ToList())
            items.Repair(item, name);
    }

    private Uri? HomeOf(XElement channel, XNamespace name)
    {
        var link = channel
            .Elements(name + "link")
            .Select(element => element.Value.Trim())
            .FirstOrDefault(LinkResolver.IsWeb);
        return link is not null ? new Uri(link) : work.Address;
    }

    private void RepairRequired(XElement channel, XNamespace name, Uri? home)
    {
        var title = channel.Element(name + "title")?.Value.Trim();
        Require("title", home?.Host, "named the channel after its site");
        Require(
            "link",
            home?.GetLeftPart(UriPartial.Authority) + (home is null ? null : "/"),
            "led the channel to its site"
        );
        Require("description", string.IsNullOrEmpty(title) ? home?.Host : title, "described the channel by its title");

        void Require(string wanted, string? value, string done)
        {
            var found = channel.Element(name + wanted);
            var isThere = found is not null && (wanted == "description" || found.Value.Trim().Length > 0);
            if (isThere || string.IsNullOrEmpty(value))
                return;
            if (found is not null)
                found.Value = value;
            else
                found = RepairWork.AddFirst(channel, new XElement(name + wanted, value));
            work.Note(channel, RssRules.ChannelElementMissing.Id, $"There was no {wanted}: {done}");
        }
    }

    private void RepairLink(XElement link, Uri? home)
    {
        if (RepairWork.Absolute(link.Value, home) is not { } whole)
            return;
        work.Note(link, SharedRules.LinkNotAbsolute.Id, $"Completed the address {link.Value.Trim()}");
        link.Value = whole;
    }

    private void RepairLanguage(XElement language)
    {
        var tag = language.Value.Trim().Replace('_', '-').Split('.')[0];
        if (
            tag == language.Value.Trim()
            || tag.Length is < 2 or > 12
            || !tag.All(c => char.IsAsciiLetterOrDigit(c) || c == '-')
        )
            return;
        work.Note(language, SharedRules.LanguageInvalid.Id, $"Wrote the language {language.Value.Trim()} as {tag}");
        language.Value = tag;
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
