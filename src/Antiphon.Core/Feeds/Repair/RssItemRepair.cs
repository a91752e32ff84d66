using System.Security.Cryptography;
using System.Text;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Repairs the items of RSS.</summary>
internal sealed class RssItemRepair(RepairWork work, bool isRdf, Uri? home)
{
    private static readonly XNamespace DublinCore = FeedNamespaces.DublinCore;
    private static readonly XNamespace Content = FeedNamespaces.Content;
    private readonly HashSet<string> _guids = new(StringComparer.Ordinal);

    /// <summary>Repairs one item.</summary>
    public void Repair(XElement item, XNamespace name)
    {
        foreach (var link in item.Elements(name + "link").Concat(item.Elements(name + "comments")))
            Complete(link);
        if (!isRdf)
            RepairGuid(item, name);
        foreach (var date in item.Elements(name + "pubDate").ToList())
            DateRepair.Rss(work, date);
        foreach (
            var author in item.Elements(name + "author")
                .Where(author =>
                    !author.Value.Contains('@', StringComparison.Ordinal) && author.Value.Trim().Length > 0
                )
                .ToList()
        )
            MoveAuthor(author);
        foreach (var enclosure in item.Elements(name + "enclosure"))
            RepairEnclosure(enclosure);
        foreach (var title in item.Elements(name + "title"))
            TextRepair.Title(work, title);
        foreach (var text in item.Elements(name + "description").Concat(item.Elements(Content + "encoded")))
            TextRepair.Html(work, text, BaseOf(item, name));
    }

    private Uri? BaseOf(XElement item, XNamespace name) =>
        item.Element(name + "link") is { } link && LinkResolver.IsWeb(link.Value) ? new Uri(link.Value.Trim()) : home;

    private void Complete(XElement link)
    {
        if (RepairWork.Absolute(link.Value, home) is not { } whole)
            return;
        work.Note(link, SharedRules.LinkNotAbsolute.Id, $"Completed the address {link.Value.Trim()}");
        RepairWork.SetText(link, whole);
    }

    private void RepairGuid(XElement item, XNamespace name)
    {
        var guids = item.Elements(name + "guid").ToList();
        var guid = guids.Find(element => element.Value.Trim().Length > 0) ?? guids.FirstOrDefault();
        var text = guid?.Value.Trim() ?? string.Empty;
        if (text.Length == 0)
        {
            AddGuid(item, name, guid);
            return;
        }

        var isAddress = !string.Equals(
            (string?)guid!.Attribute("isPermaLink"),
            "false",
            StringComparison.OrdinalIgnoreCase
        );
        if (isAddress && !LinkResolver.IsAbsolute(text))
        {
            guid.SetAttributeValue("isPermaLink", "false");
            work.Note(
                guid,
                RssRules.GuidNotAddress.Id,
                $"Said that the guid “{Text.Shortened.ToLength(text, 40)}” is no address"
            );
        }

        if (!_guids.Add(text) && item.Element(name + "link")?.Value.Trim() is { Length: > 0 } link && _guids.Add(link))
        {
            work.Note(
                guid,
                RssRules.GuidDuplicate.Id,
                $"Gave the item its own guid, its address, since another has “{Text.Shortened.ToLength(text, 40)}”"
            );
            guid.SetAttributeValue("isPermaLink", null);
            RepairWork.SetText(guid, link);
        }
    }

    private void AddGuid(XElement item, XNamespace name, XElement? empty)
    {
        var link = item.Element(name + "link")?.Value.Trim();
        var value = LinkResolver.IsWeb(link) && _guids.Add(link!) ? link! : MadeOf(item, name);
        var isLink = value == link;
        var rule = empty is null ? RssRules.GuidMissing.Id : RssRules.GuidEmpty.Id;
        empty?.Remove();
        var guid = RepairWork.Add(item, new XElement(name + "guid", value));
        if (!isLink)
            guid.SetAttributeValue("isPermaLink", "false");
        _guids.Add(value);
        work.Note(item, rule, isLink ? "Gave the item its address as guid" : "Gave the item a guid made of its words");
    }

    // The same item gets the same guid at every repair, so that readers do not show it again.
    private static string MadeOf(XElement item, XNamespace name)
    {
        var words =
            $"{item.Element(name + "title")?.Value}\n{item.Element(name + "pubDate")?.Value}\n{item.Element(name + "description")?.Value}";
        return "urn:sha256:" + Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(words)).AsSpan(0, 12));
    }

    private void MoveAuthor(XElement author)
    {
        work.Declare("dc", DublinCore);
        work.Note(
            author,
            RssRules.AuthorNotMail.Id,
            $"Wrote the author “{author.Value.Trim()}” as dc:creator, since author takes a mail address"
        );
        author.Name = DublinCore + "creator";
    }

    private void RepairEnclosure(XElement enclosure)
    {
        var address = (string?)enclosure.Attribute("url");
        if (RepairWork.Absolute(address, home) is { } whole)
        {
            work.Note(enclosure, SharedRules.LinkNotAbsolute.Id, $"Completed the address {address}");
            enclosure.SetAttributeValue("url", whole);
        }

        var length = ((string?)enclosure.Attribute("length"))?.Trim();
        if (string.IsNullOrEmpty(length) || !length.All(char.IsAsciiDigit))
        {
            var digits = string.Concat((length ?? string.Empty).Where(c => char.IsAsciiDigit(c)));
            var isGrouped =
                digits.Length > 0
                && (length ?? string.Empty).All(c => char.IsAsciiDigit(c) || c is ',' or '.' or ' ' or '\'');
            enclosure.SetAttributeValue("length", isGrouped ? digits : "0");
            work.Note(
                enclosure,
                string.IsNullOrEmpty(length) ? RssRules.EnclosureIncomplete.Id : RssRules.EnclosureLength.Id,
                isGrouped ? "Wrote the length in digits alone" : "Set length to 0 (unknown)"
            );
        }

        if (
            string.IsNullOrWhiteSpace((string?)enclosure.Attribute("type")) && MediaTypes.OfAddress(address) is { } type
        )
        {
            enclosure.SetAttributeValue("type", type);
            work.Note(enclosure, RssRules.EnclosureIncomplete.Id, $"Set enclosure type from file name: {type}");
        }
    }
}
