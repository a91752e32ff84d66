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

    /// <summary>
    /// Takes elements of a feed out of one that holds an address, a date or a number, to stand behind it: their words
    /// are none of its value. Other markup stays.
    /// </summary>
    /// <param name="element">The element with the value.</param>
    /// <param name="isOfFeed">Whether an element is one that feeds have.</param>
    /// <returns>What was taken out.</returns>
    public static IReadOnlyList<XElement> TakeOut(XElement element, Func<XElement, bool> isOfFeed)
    {
        var taken = element.Elements().Where(isOfFeed).ToList();
        foreach (var inner in taken)
            inner.Remove();
        element.AddAfterSelf(taken);
        return taken;
    }

    /// <summary>The words an element holds, without any markup.</summary>
    public static string AsWords(XElement element) =>
        string.Join(' ', element.Value.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
}
