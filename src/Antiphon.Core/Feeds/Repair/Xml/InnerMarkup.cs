using System.Xml.Linq;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>Elements that stand where text belongs, made text.</summary>
internal static class InnerMarkup
{
    /// <summary>The HTML an element holds, as text: without prefixes and declarations of namespaces.</summary>
    public static string AsHtml(XElement element)
    {
        var copy = new XElement(element);
        foreach (var inner in copy.DescendantsAndSelf().ToList())
        {
            RepairWork.Rename(inner, inner.Name.LocalName);
            inner.ReplaceAttributes(
                inner
                    .Attributes()
                    .Where(attribute => !attribute.IsNamespaceDeclaration)
                    .Select(attribute => new XAttribute(attribute.Name.LocalName, attribute.Value))
                    .DistinctBy(attribute => attribute.Name)
            );
        }

        return string.Concat(copy.Nodes().Select(node => node.ToString(SaveOptions.DisableFormatting))).Trim();
    }

    /// <summary>The words an element holds, without any markup.</summary>
    public static string AsWords(XElement element) =>
        string.Join(' ', element.Value.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
}
