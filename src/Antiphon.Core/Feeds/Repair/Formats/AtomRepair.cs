using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs Atom 1.0.</summary>
internal sealed class AtomRepair(RepairWork work)
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;

    // What the elements of other formats are called here.
    private static readonly Dictionary<string, XName> OtherNames = new()
    {
        ["description"] = Atom + "summary",
        ["pubDate"] = Atom + "published",
        ["created"] = Atom + "published",
        ["issued"] = Atom + "published",
        ["modified"] = Atom + "updated",
        ["lastBuildDate"] = Atom + "updated",
        ["guid"] = Atom + "id",
        ["tagline"] = Atom + "subtitle",
        ["copyright"] = Atom + "rights",
    };

    /// <summary>Repairs the document; other versions are left alone.</summary>
    public void Run()
    {
        if (work.Root.Name.Namespace != Atom)
            return;
        var isEntry = work.Root.Name.LocalName.Equals("entry", StringComparison.OrdinalIgnoreCase);
        RepairRoot(isEntry ? "entry" : "feed");
        work.Home = HomeOf() ?? work.Address;
        var vocabulary = AtomVocabulary.Of(work.Root.Name.LocalName);
        RepairLinks();
        new VocabularyRepair(work, vocabulary, Atom) { OtherNames = OtherNames }.Repair(work.Root, vocabulary.Root);
        var entries = isEntry ? [work.Root] : work.Root.Elements(Atom + "entry").ToList();
        foreach (var container in entries.Append(work.Root).Distinct())
            RepairContainer(container);
        var ids = new AtomIdRepair(work);
        foreach (var entry in entries)
        {
            ids.Repair(entry);
            new AtomEntryRepair(work).Repair(entry);
        }

        if (!isEntry)
            RepairFeed(entries);
    }

    /// <summary>Repairs what feeds of other formats carry of Atom.</summary>
    /// <param name="containers">The channel and its items.</param>
    public void RunWithin(IEnumerable<XElement> containers)
    {
        var elements = new VocabularyRepair(work, AtomVocabulary.Feed, Atom);
        RepairLinks();
        foreach (var container in containers)
        {
            var parts = container.Elements().Where(element => element.Name.Namespace == Atom).ToList();
            if (parts.Count == 0)
                continue;
            foreach (var part in parts)
            {
                if (AtomVocabulary.Part(part.Name.LocalName) is { } known)
                    elements.Repair(part, known);
                else
                {
                    work.Note(
                        part,
                        AtomDetailRules.ElementUnknown.Id,
                        $"Gave {part.Name.LocalName} a namespace of its own"
                    );
                    Kept.Whole(work, part);
                }
            }

            RepairParts(container);
        }
    }

    // An attribute from before Atom 1.0 says nothing to it.
    private void RepairRoot(string name)
    {
        if (work.Root.Name.LocalName != name)
        {
            work.Note(work.Root, AtomStructureRules.Miswritten.Id, $"Wrote the outermost element as {name}");
            RepairWork.Rename(work.Root, Atom + name);
        }

        if (work.Root.Attribute("version") is not { } version)
            return;
        version.Remove();
        work.Note(
            work.Root,
            AtomStructureRules.AttributeUnknown.Id,
            "Left out the attribute version, which Atom does not have"
        );
    }

    private Uri? HomeOf()
    {
        var link = work
            .Root.Elements(Atom + "link")
            .FirstOrDefault(link => (string?)link.Attribute("rel") is null or "alternate");
        return LinkResolver.IsWeb((string?)link?.Attribute("href"))
            ? new Uri(((string)link!.Attribute("href")!).Trim())
            : null;
    }

    private void RepairLinks()
    {
        foreach (var link in work.Root.Descendants(Atom + "link").ToList())
        {
            // A link as RSS writes it has its address between the tags.
            if (string.IsNullOrWhiteSpace((string?)link.Attribute("href")) && LinkResolver.IsWeb(link.Value))
            {
                link.SetAttributeValue("href", link.Value.Trim());
                link.RemoveNodes();
                work.Note(link, AtomRules.LinkHrefMissing.Id, "Wrote the address of the link into href");
            }
            else if (
                string.IsNullOrWhiteSpace((string?)link.Attribute("href"))
                && !link.HasElements
                && string.IsNullOrWhiteSpace(link.Value)
            )
            {
                work.Note(link, AtomRules.LinkHrefMissing.Id, "Left out a link that leads nowhere");
                link.Remove();
                continue;
            }

            if (((string?)link.Attribute("rel"))?.Trim().Length == 0)
            {
                link.SetAttributeValue("rel", null);
                work.Note(link, AtomStructureRules.RelationEmpty.Id, "Left out the empty rel of a link");
            }

            if (link.AncestorsAndSelf().Any(element => element.Attribute(XNamespace.Xml + "base") is not null))
                continue;
            if (RepairWork.Absolute((string?)link.Attribute("href"), work.Address ?? work.Home) is not { } whole)
                continue;
            work.Note(
                link,
                AtomStructureRules.SelfRelative.Id,
                $"Completed the address {(string?)link.Attribute("href")}"
            );
            link.SetAttributeValue("href", whole);
        }
    }

    private void RepairContainer(XElement container)
    {
        RepairParts(container);
        RepairAlternates(container);
    }

    private void RepairParts(XElement container)
    {
        var parts = new AtomPartRepair(work);
        RepairDates(container);
        foreach (
            var person in container
                .Elements()
                .Where(element => element.Name == Atom + "author" || element.Name == Atom + "contributor")
                .ToList()
        )
            parts.Person(person);
        foreach (
            var category in container
                .Elements(Atom + "category")
                .Where(category => string.IsNullOrWhiteSpace((string?)category.Attribute("term")))
                .ToList()
        )
            parts.Category(category);
        DropBlank(container);
        var texts = new AtomTextRepair(work);
        foreach (
            var text in container
                .Elements()
                .Where(element =>
                    element.Name.Namespace == Atom
                    && element.Name.LocalName is "title" or "subtitle" or "rights" or "summary"
                )
                .ToList()
        )
            texts.Repair(text, isContent: false);
        foreach (var content in container.Elements(Atom + "content").ToList())
            texts.Repair(content, isContent: true);
    }

    private void RepairDates(XElement container)
    {
        foreach (
            var date in container
                .Elements()
                .Where(element => element.Name == Atom + "updated" || element.Name == Atom + "published")
                .ToList()
        )
        {
            if (date.Value.Trim().Length == 0 && date.Name.LocalName == "published")
            {
                date.Remove();
                work.Note(container, AtomRules.ElementMissing.Id, "Left out an empty date of publication");
            }
            else
                DatedElement.Atom(work, date);
        }
    }

    private void DropBlank(XElement container)
    {
        foreach (
            var blank in container
                .Elements()
                .Where(element =>
                    element.Name.LocalName is "icon" or "logo" or "generator"
                    && element.Name.Namespace == Atom
                    && element.Value.Trim().Length == 0
                )
                .ToList()
        )
        {
            blank.Remove();
            work.Note(
                container,
                blank.Name.LocalName == "generator" ? AtomStructureRules.Empty.Id : AtomDetailRules.IconEmpty.Id,
                $"Left out the empty {blank.Name.LocalName}"
            );
        }
    }

    // The first is the page; what else leads to the same in the same language is related to it.
    private void RepairAlternates(XElement container)
    {
        var seen = new HashSet<string>();
        foreach (
            var link in container
                .Elements(Atom + "link")
                .Where(link => (string?)link.Attribute("rel") is null or "alternate")
                .ToList()
        )
        {
            if (seen.Add((string?)link.Attribute("type") + "|" + (string?)link.Attribute("hreflang")))
                continue;
            link.SetAttributeValue("rel", "related");
            work.Note(link, AtomRules.AlternateRepeated.Id, "Said of a second page that it is related");
        }
    }

    private void RepairFeed(List<XElement> entries)
    {
        string? Link(string? rel) =>
            (string?)
                work
                    .Root.Elements(Atom + "link")
                    .FirstOrDefault(link =>
                        rel is null
                            ? (string?)link.Attribute("rel") is null or "alternate"
                            : (string?)link.Attribute("rel") == rel
                    )
                    ?.Attribute("href");
        var (self, home) = (Link("self"), Link(null));
        var newest = entries
            .Select(entry => entry.Element(Atom + "updated")?.Value.Trim())
            .Where(text => PublishedDateParser.Parse(text) is not null)
            .MaxBy(PublishedDateParser.Parse);
        work.Require(work.Root, "updated", newest ?? AtomWriter.Date(work.Now), "the date of the newest entry");
        var host = home is not null && Uri.TryCreate(home, UriKind.Absolute, out var site) ? site.Host : null;
        work.Require(work.Root, "title", host ?? work.Address?.Host ?? "Untitled", "the name of the site");
        new AtomIdRepair(work).RepairFeed(work.Root, home ?? self);
        if (self is null && work.Address is not null)
        {
            RepairWork.AddFirst(
                work.Root,
                new XElement(
                    Atom + "link",
                    new XAttribute("rel", "self"),
                    new XAttribute("href", work.Address.AbsoluteUri)
                )
            );
            work.Note(work.Root, AtomRules.SelfLinkMissing.Id, "Named the feed's own address");
        }

        if (
            work.Root.Element(Atom + "author") is not null
            || entries.All(entry => entry.Descendants(Atom + "author").Any())
        )
            return;
        var title = work.Root.Element(Atom + "title")?.Value.Trim();
        RepairWork.AddFirst(
            work.Root,
            new XElement(Atom + "author", new XElement(Atom + "name", string.IsNullOrEmpty(title) ? "Unknown" : title))
        );
        work.Note(work.Root, AtomRules.AuthorMissing.Id, "Named the feed itself as author of entries that have none");
    }
}
