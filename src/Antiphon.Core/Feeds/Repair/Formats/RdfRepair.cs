using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs RSS 0.90 and 1.0: its elements, the names of things and the references between them.</summary>
internal sealed class RdfRepair(RepairWork work)
{
    private static readonly XNamespace Rdf = FeedNamespaces.Rdf;
    private XNamespace _name = FeedNamespaces.Rss10;

    /// <summary>Repairs the document.</summary>
    public void Run()
    {
        if (
            work
                .Root.Elements()
                .FirstOrDefault(element => element.Name.LocalName.Equals("channel", StringComparison.OrdinalIgnoreCase))
            is not { } channel
        )
            return;
        _name = channel.Name.Namespace;
        var link = channel
            .Elements(_name + "link")
            .Select(element => element.Value.Trim())
            .FirstOrDefault(LinkResolver.IsWeb);
        work.Home = link is null ? work.Address : new Uri(link);
        RepairPrefixes();
        foreach (var item in channel.Elements(_name + "item").ToList())
        {
            item.Remove();
            work.Root.Add(item);
            work.Note(item, RdfRules.Misplaced.Id, "Moved the item beside the channel");
        }

        SetSecondsAside(channel);
        new VocabularyRepair(work, RdfVocabulary.Whole, _name).Repair(work.Root, RdfVocabulary.Whole.Root);
        RepairRequired(channel);
        foreach (var item in work.Root.Elements(_name + "item"))
            RepairTexts(item);
        new AtomRepair(work).RunWithin(work.Root.Elements(_name + "item").Prepend(channel).ToList());
        if (_name == FeedNamespaces.Rss10)
            RepairNames(channel);
    }

    // Readers look into one channel alone, and a thing that is described twice in the same words is one thing.
    private void SetSecondsAside(XElement channel)
    {
        foreach (var other in work.Root.Elements(_name + "channel").Where(other => other != channel).ToList())
        {
            Kept.Whole(work, other);
            work.Note(
                channel,
                RssDetailRules.ChannelTwice.Id,
                "Kept one channel, and the other in a namespace of its own"
            );
        }

        foreach (
            var same in work
                .Root.Elements(_name + "item")
                .GroupBy(item => (string?)item.Attribute(Rdf + "about"))
                .Where(same => same.Key is not null)
                .ToList()
        )
        {
            foreach (var other in same.Skip(1).Where(other => XNode.DeepEquals(other, same.First())).ToList())
            {
                other.Remove();
                work.Note(same.First(), RdfRules.AboutDuplicate.Id, "Kept one of two items that say the same");
            }
        }
    }

    // Attributes of RDF that lost their prefix.
    private void RepairPrefixes()
    {
        foreach (var element in work.Root.Descendants().ToList())
        {
            foreach (
                var attribute in element
                    .Attributes()
                    .Where(attribute => attribute.Name == "about" || attribute.Name == "resource")
                    .ToList()
            )
            {
                if (element.Name == Rdf + "li" || element.Attribute(Rdf + attribute.Name.LocalName) is not null)
                    continue;
                attribute.Remove();
                element.SetAttributeValue(Rdf + attribute.Name.LocalName, attribute.Value);
                work.Note(element, RdfRules.AttributeUnknown.Id, $"Wrote {attribute.Name.LocalName} with its prefix");
            }
        }
    }

    private void RepairRequired(XElement channel)
    {
        var title = channel.Element(_name + "title")?.Value.Trim();
        Require(channel, "title", work.Home?.Host);
        Require(channel, "link", work.Home?.GetLeftPart(UriPartial.Authority) is { } site ? site + "/" : null);
        if (channel.Element(_name + "description") is null)
            Require(channel, "description", string.IsNullOrEmpty(title) ? work.Home?.Host : title);
        foreach (var item in work.Root.Elements(_name + "item"))
        {
            var about = (string?)item.Attribute(Rdf + "about");
            Require(item, "link", LinkResolver.IsWeb(about) ? about : null);
            var words = item.Element(_name + "description")?.Value is { Length: > 0 } text
                ? Antiphon.Core.Html.MarkupScan.WordsOf(text)
                : null;
            Require(
                item,
                "title",
                string.IsNullOrWhiteSpace(words)
                    ? item.Element(_name + "link")?.Value
                    : Text.Shortened.ToLength(words, 80)
            );
        }
    }

    private void Require(XElement parent, string wanted, string? value)
    {
        // Readers, and the check, take one without a namespace for RSS's own.
        var found = parent.Element(_name + wanted) ?? parent.Element(wanted);
        if (found?.Value.Trim().Length > 0 || string.IsNullOrWhiteSpace(value))
            return;
        if (found is null)
            RepairWork.AddFirst(parent, new XElement(_name + wanted, value));
        else
            found.Value = value;
        work.Note(
            parent,
            RdfRules.ElementMissing.Id,
            $"There was no {wanted} in the {parent.Name.LocalName}: gave it what it says elsewhere"
        );
    }

    private void RepairTexts(XElement item)
    {
        foreach (var title in item.Elements(_name + "title"))
            TextElement.Title(work, title);
        var link = item.Element(_name + "link")?.Value;
        foreach (
            var text in item.Elements(_name + "description")
                .Concat(item.Elements(XNamespace.Get(FeedNamespaces.Content) + "encoded"))
        )
            TextElement.Html(work, text, LinkResolver.IsWeb(link) ? new Uri(link!.Trim()) : work.Home);
    }

    private void RepairNames(XElement channel)
    {
        Name(channel, (work.Address ?? work.Home)?.AbsoluteUri);
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var item in work.Root.Elements(_name + "item"))
        {
            Name(item, item.Element(_name + "link")?.Value.Trim());
            var link = item.Element(_name + "link")?.Value.Trim();
            if (
                (string?)item.Attribute(Rdf + "about") is { } about
                && !seen.Add(about)
                && link is not null
                && seen.Add(link)
            )
            {
                item.SetAttributeValue(Rdf + "about", link);
                work.Note(item, RdfRules.AboutDuplicate.Id, "Named the item by its link, since another has its name");
            }
        }

        foreach (var name in (string[])["image", "textinput"])
            RepairReference(channel, name);
        RepairList(channel);
    }

    private void Name(XElement element, string? address)
    {
        var about = (string?)element.Attribute(Rdf + "about");
        var isRight = !string.IsNullOrWhiteSpace(about) && AddressForm.Name(about) is null;
        if (isRight || about == address || !LinkResolver.IsAbsolute(address))
            return;
        element.SetAttributeValue(Rdf + "about", address);
        work.Note(
            element,
            string.IsNullOrWhiteSpace(about) ? RdfRules.AboutMissing.Id : RdfRules.AboutInvalid.Id,
            $"Named the {element.Name.LocalName} by its address"
        );
    }

    private void RepairReference(XElement channel, string name)
    {
        var (reference, thing) = (channel.Element(_name + name), work.Root.Element(_name + name));
        if (thing is null)
        {
            if (reference is null)
                return;
            reference.Remove();
            work.Note(channel, RdfRules.ReferenceBroken.Id, $"Left out the reference to the {name} that is not there");
            return;
        }

        Name(thing, (thing.Element(_name + "url") ?? thing.Element(_name + "link"))?.Value.Trim());
        if (
            (string?)thing.Attribute(Rdf + "about") is not { Length: > 0 } about
            || (string?)reference?.Attribute(Rdf + "resource") == about
        )
            return;
        work.Note(
            channel,
            reference is null ? RdfRules.NotReferred.Id : RdfRules.ReferenceBroken.Id,
            $"Referred to the {name}"
        );
        if (reference is null)
            channel.Add(new XElement(_name + name, new XAttribute(Rdf + "resource", about)));
        else
            reference.SetAttributeValue(Rdf + "resource", about);
    }

    // The list is made of the items, which are what it is about.
    private void RepairList(XElement channel)
    {
        var names = work
            .Root.Elements(_name + "item")
            .Select(item => (string?)item.Attribute(Rdf + "about"))
            .OfType<string>()
            .Distinct()
            .ToList();
        var sequence = channel.Elements(_name + "items").Elements(Rdf + "Seq").FirstOrDefault();
        if (sequence is null)
        {
            channel.Elements(_name + "items").Remove();
            sequence = new XElement(Rdf + "Seq");
            channel.Add(new XElement(_name + "items", sequence));
            work.Note(channel, RdfRules.SequenceMissing.Id, "Listed the items in the channel");
        }

        var entries = sequence.Elements(Rdf + "li").ToList();
        foreach (var entry in entries.Where(entry => !names.Contains(Resource(entry) ?? string.Empty)))
        {
            entry.Remove();
            work.Note(
                channel,
                Resource(entry) is null ? RdfRules.ResourceMissing.Id : RdfRules.ListedMissing.Id,
                "Took out of the list what is not there"
            );
        }

        var listed = sequence.Elements(Rdf + "li").Select(Resource).ToHashSet();
        foreach (var name in names.Where(name => !listed.Contains(name)))
        {
            sequence.Add(new XElement(Rdf + "li", new XAttribute(Rdf + "resource", name)));
            work.Note(channel, RdfRules.NotListed.Id, $"Listed {name} in the channel");
        }
    }

    private static string? Resource(XElement entry) =>
        (string?)entry.Attribute(Rdf + "resource") ?? (string?)entry.Attribute("resource");
}
