using System.Xml.Linq;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs persons and categories of Atom.</summary>
internal sealed class AtomPartRepair(RepairWork work)
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;

    /// <summary>Gives a person a name, made of what else is said of them.</summary>
    public void Person(XElement person)
    {
        var words = string.Concat(person.Nodes().OfType<XText>().Select(text => text.Value)).Trim();
        foreach (
            var part in person
                .Elements()
                .Where(part => part.Name.Namespace == Atom && part.Value.Trim().Length == 0 && !part.HasElements)
                .ToList()
        )
        {
            part.Remove();
            work.Note(person, AtomStructureRules.Empty.Id, $"Left out the empty {part.Name.LocalName} of a person");
        }

        if (person.Element(Atom + "name") is not null)
            return;
        var name =
            words.Length > 0 ? words
            : person.Element(Kept.Namespace + "text")?.Value.Trim() is { Length: > 0 } kept ? kept
            : person.Element(Atom + "email")?.Value.Trim().Split('@')[0] is { Length: > 0 } mail ? mail
            : person.Element(Atom + "uri")?.Value.Trim() is { Length: > 0 } address && LinkResolver.IsWeb(address)
                ? new Uri(address).Host
            : null;
        if (name is null)
        {
            if (person.HasElements)
                return;
            work.Note(person.Parent!, AtomRules.PersonNameMissing.Id, "Left out a person of whom nothing is said");
            person.Remove();
            return;
        }

        person.Elements(Kept.Namespace + "text").Where(text => text.Value.Trim() == name).Remove();
        RepairWork.AddFirst(person, new XElement(Atom + "name", name));
        work.Note(person, AtomRules.PersonNameMissing.Id, $"Named the {person.Name.LocalName} {name}");
    }

    /// <summary>Gives a category a term, made of its label or text.</summary>
    public void Category(XElement category)
    {
        var term = ((string?)category.Attribute("label"))?.Trim() is { Length: > 0 } label
            ? label
            : category.Value.Trim();
        work.Note(
            category.Parent!,
            AtomRules.CategoryTermMissing.Id,
            term.Length > 0 ? $"Gave the category the term {term}" : "Left out a category without a name"
        );
        if (term.Length == 0)
        {
            category.Remove();
            return;
        }

        category.SetAttributeValue("term", term);
        if (category.Value.Trim() == term)
            category.RemoveNodes();
    }
}
