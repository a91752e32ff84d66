using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>
/// Gives entries of Atom ids that are names and are their own. What stood there is kept beside it, and the same entry
/// gets the same id at every repair, so that readers do not show it again.
/// </summary>
internal sealed class AtomIdRepair(RepairWork work)
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;
    private readonly HashSet<string> _versions = new(StringComparer.Ordinal);
    private readonly Dictionary<string, int> _same = new(StringComparer.Ordinal);
    private readonly string? _feedId =
        work.Root.Name.LocalName == "feed" ? work.Root.Element(Atom + "id")?.Value.Trim() : null;

    /// <summary>Repairs the id of an entry.</summary>
    public void Repair(XElement entry)
    {
        var link = (string?)
            entry
                .Elements(Atom + "link")
                .FirstOrDefault(element => (string?)element.Attribute("rel") is null or "alternate")
                ?.Attribute("href");
        var id = entry.Element(Atom + "id");
        var text = id?.Value.Trim() ?? string.Empty;
        if (text.Length == 0)
            work.Require(entry, "id", LinkResolver.IsAbsolute(link) ? link! : Made("entry", entry), "its address");
        else if (AddressForm.Name(text) is { } fault)
            Replace(
                id!,
                fault.Rule == SharedRules.LinkNotAbsolute ? AtomRules.IdNotIri.Id : fault.Rule.Id,
                LinkResolver.IsAbsolute(link) && fault.Rule == SharedRules.LinkNotAbsolute ? link! : StableName.Of(text)
            );
        else if (text == _feedId)
            Replace(
                id!,
                AtomStructureRules.IdShared.Id,
                LinkResolver.IsAbsolute(link) && link != text ? link! : Made("entry", entry)
            );
        var version = entry.Element(Atom + "id")!.Value.Trim() + " " + entry.Element(Atom + "updated")?.Value.Trim();
        if (!_versions.Add(version))
            Replace(
                entry.Element(Atom + "id")!,
                AtomRules.IdDuplicate.Id,
                LinkResolver.IsAbsolute(link) && !_versions.Contains(link + version[text.Length..])
                    ? link!
                    : Made("entry", entry)
            );
    }

    /// <summary>Repairs the id of the feed.</summary>
    public void RepairFeed(XElement feed, string? address)
    {
        var id = feed.Element(Atom + "id");
        if (string.IsNullOrWhiteSpace(id?.Value))
            work.Require(
                feed,
                "id",
                LinkResolver.IsAbsolute(address) ? address! : work.Address?.AbsoluteUri ?? Made("feed", feed),
                "its address"
            );
        else if (AddressForm.Name(id.Value) is { } fault)
            Replace(
                id,
                fault.Rule == SharedRules.LinkNotAbsolute ? AtomRules.IdNotIri.Id : fault.Rule.Id,
                StableName.Of(id.Value.Trim())
            );
    }

    private void Replace(XElement id, string rule, string right)
    {
        if (id.Value.Trim() == right)
            return;
        work.Note(
            id,
            rule,
            $"Named it {right}, and kept the id “{Antiphon.Core.Text.Shortened.ToLength(id.Value.Trim(), 60)}” beside it"
        );
        work.Declare("kept", Kept.Namespace);
        id.AddAfterSelf(new XElement(Kept.Namespace + "id", id.Value.Trim()));
        id.Value = right;
    }

    // Of several that say the same each gets its own.
    private string Made(string kind, XElement element)
    {
        var words =
            $"{kind}\n{element.Element(Atom + "title")?.Value}\n{element.Element(Atom + "published")?.Value}\n{element.Element(Atom + "content")?.Value}";
        var number = _same[words] = _same.GetValueOrDefault(words) + 1;
        return StableName.Of($"{words}\n{number}");
    }
}
