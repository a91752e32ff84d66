using System.Security.Cryptography;
using System.Text;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs the items of RSS.</summary>
internal sealed class RssItemRepair(RepairWork work, bool isOld)
{
    private static readonly XNamespace DublinCore = FeedNamespaces.DublinCore;
    private static readonly XNamespace Content = FeedNamespaces.Content;
    private readonly HashSet<string> _guids = new(StringComparer.Ordinal);

    /// <summary>Repairs one item.</summary>
    public void Repair(XElement item)
    {
        RepairGuid(item);
        foreach (var date in item.Elements("pubDate").ToList())
            DatedElement.Rss(work, date);
        foreach (
            var blank in item.Elements()
                .Where(element =>
                    element.Name.LocalName is "pubDate" or "author" or "comments" or "link" && IsBlank(element)
                )
                .ToList()
        )
        {
            blank.Remove();
            work.Note(item, RssStructureRules.Empty.Id, $"Left out the empty {blank.Name.LocalName}");
        }

        foreach (
            var author in item.Elements("author")
                .Where(author => MailForm.Person(author.Value)?.Rule == RssRules.AuthorNotMail)
                .ToList()
        )
            MoveAuthor(author);
        var files = new HashSet<string>(StringComparer.Ordinal);
        foreach (var enclosure in item.Elements("enclosure").ToList())
            RepairEnclosure(item, enclosure, files);
        RepairSource(item);
        RepairDates(item);
        RepairTexts(item);
    }

    private static bool IsBlank(XElement element) =>
        element.Name.Namespace == XNamespace.None && string.IsNullOrWhiteSpace(element.Value) && !element.HasElements;

    private void RepairTexts(XElement item)
    {
        var address =
            item.Element("link") is { } link && LinkResolver.IsWeb(link.Value) ? new Uri(link.Value.Trim()) : work.Home;
        foreach (var title in item.Elements("title"))
            TextElement.Title(work, title);
        foreach (var text in item.Elements("description").Concat(item.Elements(Content + "encoded")))
            TextElement.Html(work, text, address);
        var isEmpty = item.Elements()
            .Where(element =>
                element.Name.LocalName is "title" or "description" && element.Name.Namespace == XNamespace.None
            )
            .All(element => string.IsNullOrWhiteSpace(element.Value));
        if (!isEmpty)
            return;
        // What the item says elsewhere, in a few words; without any there is nothing to say.
        var words = item.Element(Content + "encoded")?.Value is { Length: > 0 } html
            ? Antiphon.Core.Html.MarkupScan.WordsOf(html)
            : null;
        if (string.IsNullOrWhiteSpace(words))
            return;
        item.Elements("description").Remove();
        RepairWork.Add(item, new XElement("description", Text.Shortened.ToLength(words, 300)));
        work.Note(item, RssRules.ItemEmpty.Id, "Gave the item the start of its text as description");
    }

    // Without its address the name of the source stays, where names stand.
    private void RepairSource(XElement item)
    {
        foreach (
            var source in item.Elements("source")
                .Where(source => string.IsNullOrWhiteSpace((string?)source.Attribute("url")))
                .ToList()
        )
        {
            work.Note(
                item,
                RssDetailRules.SourceWithoutAddress.Id,
                "Wrote the source as dc:source, since it has no address"
            );
            if (string.IsNullOrWhiteSpace(source.Value))
            {
                source.Remove();
                continue;
            }

            work.Declare("dc", DublinCore);
            source.Attributes().Where(attribute => attribute.Name == "url").Remove();
            RepairWork.Rename(source, DublinCore + "source");
        }
    }

    // Readers of RSS take pubDate; the other is kept where they do not look.
    private void RepairDates(XElement item)
    {
        var (one, other) = (item.Element("pubDate"), item.Element(DublinCore + "date"));
        if (
            PublishedDateParser.Parse(one?.Value) is not { } published
            || PublishedDateParser.Parse(other?.Value) is not { } second
        )
            return;
        if (
            !other!.Value.Contains(':', StringComparison.Ordinal)
            || (published - second).Duration() <= TimeSpan.FromMinutes(1)
        )
            return;
        Kept.Element(work, other);
        work.Note(
            item,
            RssStructureRules.DatesDisagree.Id,
            "Kept pubDate, and the other date in a namespace of its own"
        );
    }

    private void RepairGuid(XElement item)
    {
        var guids = item.Elements("guid").ToList();
        var guid = guids.Find(element => element.Value.Trim().Length > 0) ?? guids.FirstOrDefault();
        var text = guid?.Value.Trim() ?? string.Empty;
        if (text.Length == 0 && guid is null && isOld)
            return;
        if (text.Length == 0)
        {
            AddGuid(item, guid);
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

        if (!_guids.Add(text) && item.Element("link")?.Value.Trim() is { Length: > 0 } link && _guids.Add(link))
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

    private void AddGuid(XElement item, XElement? empty)
    {
        var link = item.Element("link")?.Value.Trim();
        var value = LinkResolver.IsWeb(link) && _guids.Add(link!) ? link! : MadeOf(item);
        var isLink = value == link;
        var rule = empty is null ? RssRules.GuidMissing.Id : RssRules.GuidEmpty.Id;
        empty?.Remove();
        var guid = RepairWork.Add(item, new XElement("guid", value));
        if (!isLink)
            guid.SetAttributeValue("isPermaLink", "false");
        _guids.Add(value);
        work.Note(item, rule, isLink ? "Gave the item its address as guid" : "Gave the item a guid made of its words");
    }

    // The same item gets the same guid at every repair, so that readers do not show it again.
    private static string MadeOf(XElement item)
    {
        var words =
            $"{item.Element("title")?.Value}\n{item.Element("pubDate")?.Value}\n{item.Element("description")?.Value}";
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
        RepairWork.Rename(author, DublinCore + "creator");
    }

    // Its address by another name, or as its text; what stood there is kept aside by now.
    private string? RepairAddress(XElement enclosure)
    {
        if ((string?)enclosure.Attribute("url") is { } url && !string.IsNullOrWhiteSpace(url))
            return url;
        var words = enclosure
            .Attributes()
            .Where(attribute => attribute.Name.LocalName is "href" or "src" or "link")
            .Select(attribute => attribute.Value)
            .Concat(enclosure.Elements(Kept.Namespace + "text").Select(text => text.Value))
            .FirstOrDefault(LinkResolver.IsWeb);
        if (words is null)
            return null;
        enclosure.SetAttributeValue("url", words.Trim());
        enclosure.Attributes().Where(attribute => attribute.Name != "url" && attribute.Value == words).Remove();
        enclosure.Elements(Kept.Namespace + "text").Where(text => text.Value == words).Remove();
        work.Note(enclosure, RssRules.EnclosureIncomplete.Id, "Wrote the address of the enclosure as url");
        return words.Trim();
    }

    private void RepairEnclosure(XElement item, XElement enclosure, HashSet<string> seen)
    {
        if (RepairAddress(enclosure) is not { } address)
        {
            Kept.Whole(work, enclosure);
            work.Note(item, RssRules.EnclosureIncomplete.Id, "Set enclosure aside, which lacks what it is for");
            return;
        }

        if (string.IsNullOrWhiteSpace((string?)enclosure.Attribute("length")))
        {
            enclosure.SetAttributeValue("length", "0");
            work.Note(enclosure, RssRules.EnclosureIncomplete.Id, "Set length to 0 (unknown)");
        }

        var type = (string?)enclosure.Attribute("type");
        if (string.IsNullOrWhiteSpace(type) || !MediaTypeForm.IsValid(type))
        {
            // The type of what nobody knows anything about (RFC 2046 §4.5.1).
            var right = MediaTypes.OfAddress(address) ?? "application/octet-stream";
            enclosure.SetAttributeValue("type", right);
            work.Note(
                enclosure,
                string.IsNullOrWhiteSpace(type) ? RssRules.EnclosureIncomplete.Id : RssStructureRules.EnclosureType.Id,
                $"Set enclosure type from file name: {right}"
            );
        }

        if (!seen.Add(address.Trim()))
        {
            work.Note(enclosure, RssStructureRules.EnclosureTwice.Id, "Left out an enclosure that is there twice");
            enclosure.Remove();
        }
    }
}
