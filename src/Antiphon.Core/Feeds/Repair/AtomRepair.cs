using System.Security.Cryptography;
using System.Text;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Repairs Atom 1.0.</summary>
internal sealed class AtomRepair(RepairWork work)
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;

    /// <summary>Repairs the document; other versions are left alone.</summary>
    public void Run()
    {
        if (work.Root.Name.Namespace != Atom)
            return;
        var entries = work.Root.Name.LocalName == "entry" ? [work.Root] : work.Root.Elements(Atom + "entry").ToList();
        foreach (var container in entries.Append(work.Root).Distinct())
        {
            foreach (
                var date in container
                    .Elements()
                    .Where(element => element.Name == Atom + "updated" || element.Name == Atom + "published")
                    .ToList()
            )
                DateRepair.Atom(work, date);
            foreach (var link in container.Elements(Atom + "link"))
                Complete(link);
        }

        foreach (var entry in entries)
            RepairEntry(entry);
        if (work.Root.Name.LocalName == "feed")
            RepairFeed(entries);
    }

    private void RepairFeed(IReadOnlyList<XElement> entries)
    {
        var self = (string?)
            work
                .Root.Elements(Atom + "link")
                .FirstOrDefault(link => (string?)link.Attribute("rel") == "self")
                ?.Attribute("href");
        var home = (string?)
            work
                .Root.Elements(Atom + "link")
                .FirstOrDefault(link => (string?)link.Attribute("rel") is null or "alternate")
                ?.Attribute("href");
        Require(
            work.Root,
            "updated",
            entries
                .Select(entry => entry.Element(Atom + "updated")?.Value.Trim())
                .Where(text => PublishedDateParser.Parse(text) is not null)
                .MaxBy(PublishedDateParser.Parse)
                ?? AtomWriter.Date(work.Now),
            "the date of the newest entry"
        );
        Require(
            work.Root,
            "title",
            home is not null && Uri.TryCreate(home, UriKind.Absolute, out var site) ? site.Host : "Untitled",
            "the name of the site"
        );
        Require(work.Root, "id", home ?? self ?? work.Address?.AbsoluteUri ?? Made("feed", work.Root), "its address");
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

    private void RepairEntry(XElement entry)
    {
        var link = (string?)
            entry
                .Elements(Atom + "link")
                .FirstOrDefault(element => (string?)element.Attribute("rel") is null or "alternate")
                ?.Attribute("href");
        Require(
            entry,
            "updated",
            entry.Element(Atom + "published")?.Value.Trim() ?? AtomWriter.Date(work.Now),
            "the date of publication"
        );
        Require(entry, "title", string.Empty, "an empty one");
        Require(entry, "id", LinkResolver.IsAbsolute(link) ? link! : Made("entry", entry), "its address");
    }

    private void Require(XElement parent, string name, string value, string done)
    {
        var found = parent.Element(Atom + name);
        if (found is not null && (name == "title" || found.Value.Trim().Length > 0))
            return;
        if (found is not null)
            found.Value = value;
        else
            RepairWork.AddFirst(parent, new XElement(Atom + name, value));
        work.Note(
            parent,
            AtomRules.ElementMissing.Id,
            $"There was no {name} in the {parent.Name.LocalName}: gave it {done}"
        );
    }

    private void Complete(XElement link)
    {
        if (link.AncestorsAndSelf().Any(element => element.Attribute(XNamespace.Xml + "base") is not null))
            return;
        if (RepairWork.Absolute((string?)link.Attribute("href"), work.Address) is not { } whole)
            return;
        work.Note(link, SharedRules.LinkNotAbsolute.Id, $"Completed the address {(string?)link.Attribute("href")}");
        link.SetAttributeValue("href", whole);
    }

    private static string Made(string kind, XElement element) =>
        $"urn:{kind}:"
        + Convert.ToHexStringLower(
            SHA256
                .HashData(
                    Encoding.UTF8.GetBytes(
                        $"{element.Element(Atom + "title")?.Value}\n{element.Element(Atom + "published")?.Value}\n{element.Element(Atom + "content")?.Value}"
                    )
                )
                .AsSpan(0, 12)
        );
}
