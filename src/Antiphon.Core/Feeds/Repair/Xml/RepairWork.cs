using System.Xml;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Atom;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>A document being repaired.</summary>
internal sealed class RepairWork(XDocument document, FeedCheckOptions options, List<RepairChange> changes)
{
    /// <summary>The outermost element.</summary>
    public XElement Root => document.Root!;

    /// <summary>Where the feed comes from, or null.</summary>
    public Uri? Address => options.Address;

    /// <summary>The moment.</summary>
    public DateTimeOffset Now => options.Now;

    /// <summary>Against what addresses without a scheme are resolved where nothing nearer says so; null when unknown.</summary>
    public Uri? Home { get; set; } = options.Address;

    /// <summary>Against what an element's relative addresses are resolved: what xml:base says, or the feed's own page.</summary>
    public Uri? BaseOf(XElement element) =>
        element
            .AncestorsAndSelf()
            .Select(at => (string?)at.Attribute(XNamespace.Xml + "base"))
            .OfType<string>()
            .Reverse()
            .Aggregate(Home, LinkResolver.Narrow);

    /// <summary>Notes a change at an element.</summary>
    public void Note(XObject place, string rule, string description)
    {
        var line = place as IXmlLineInfo;
        changes.Add(new RepairChange(line?.HasLineInfo() == true ? line.LineNumber : null, rule, description));
    }

    /// <summary>Adds an element as the last, on a line of its own where its neighbours have theirs.</summary>
    public static XElement Add(XElement parent, XElement child)
    {
        var indent = parent.Elements().FirstOrDefault()?.PreviousNode as XText;
        var isIndented = indent is not null && string.IsNullOrWhiteSpace(indent.Value);
        var last = parent.LastNode as XText;
        if (isIndented && last is not null && string.IsNullOrWhiteSpace(last.Value))
            last.AddBeforeSelf(new XText(indent!.Value), child);
        else
            parent.Add(child);
        return child;
    }

    /// <summary>Adds an element as the first.</summary>
    public static XElement AddFirst(XElement parent, XElement child)
    {
        if (parent.Elements().FirstOrDefault() is { } first)
        {
            var indent =
                first.PreviousNode is XText text && string.IsNullOrWhiteSpace(text.Value) ? text.Value : string.Empty;
            first.AddBeforeSelf(child, indent.Length > 0 ? new XText(indent) : null);
        }
        else
        {
            parent.Add(child);
        }

        return child;
    }

    /// <summary>Replaces an element's text, keeping a CDATA section one.</summary>
    public static void SetText(XElement element, string text)
    {
        var isSection = element.Nodes().OfType<XCData>().Any();
        element.ReplaceNodes(isSection ? new XCData(text) : new XText(text));
    }

    /// <summary>Gives an element of Atom a required child that it lacks, or whose text is blank; a title may be.</summary>
    public void Require(XElement parent, string name, string value, string done)
    {
        var found = parent.Element(parent.Name.Namespace + name);
        if (found is not null && (name == "title" || found.Value.Trim().Length > 0))
            return;
        if (found is not null)
            found.Value = value;
        else
            AddFirst(parent, new XElement(parent.Name.Namespace + name, value));
        Note(
            parent,
            AtomRules.ElementMissing.Id,
            $"There was no {name} in the {parent.Name.LocalName}: gave it {done}"
        );
    }

    /// <summary>
    /// Gives an element another name. A declaration on it that puts what has no prefix elsewhere goes, as it would be
    /// written twice.
    /// </summary>
    public static void Rename(XElement element, XName name)
    {
        element
            .Attributes()
            .Where(attribute => attribute.Name == "xmlns" && attribute.Value != name.NamespaceName)
            .Remove();
        element.Name = name;
    }

    /// <summary>Puts the outermost element into one around it, which is the outermost then.</summary>
    public void Wrap(XName name)
    {
        var inner = Root;
        inner.ReplaceWith(new XElement(name));
        Root.Add(inner);
    }

    /// <summary>Declares a namespace on the root, unless it is declared under some prefix.</summary>
    public void Declare(string prefix, XNamespace name)
    {
        if (Root.GetPrefixOfNamespace(name) is null)
            Root.SetAttributeValue(XNamespace.Xmlns + prefix, name.NamespaceName);
    }

    /// <summary>An address made absolute, or null when it is already, is empty, or cannot be.</summary>
    public static string? Absolute(string? address, Uri? baseAddress)
    {
        var text = address?.Trim();
        if (string.IsNullOrEmpty(text) || baseAddress is null || LinkResolver.IsAbsolute(text))
            return null;
        return LinkResolver.Resolve(text, baseAddress) is { } resolved && LinkResolver.IsAbsolute(resolved)
            ? resolved
            : null;
    }
}
