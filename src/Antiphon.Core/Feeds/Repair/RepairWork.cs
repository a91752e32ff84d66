using System.Xml;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>A document being repaired.</summary>
internal sealed class RepairWork(XDocument document, FeedCheckOptions options, List<RepairChange> changes)
{
    /// <summary>The outermost element.</summary>
    public XElement Root => document.Root!;

    /// <summary>Where the feed comes from, or null.</summary>
    public Uri? Address => options.Address;

    /// <summary>The moment.</summary>
    public DateTimeOffset Now => options.Now;

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
