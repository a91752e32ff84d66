using System.Xml.Linq;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>
/// Where a repair puts what an author wrote and the format has no place for: into a namespace of its own, which every
/// format allows and no reader shows.
/// </summary>
internal static class Kept
{
    /// <summary>The namespace.</summary>
    public static readonly XNamespace Namespace = "urn:kept:by-repair";

    /// <summary>Gives an element the namespace, in the place where it stands.</summary>
    public static void Element(RepairWork work, XElement element)
    {
        work.Declare("kept", Namespace);
        RepairWork.Rename(element, Namespace + element.Name.LocalName);
        foreach (var inner in element.Descendants().Where(inner => inner.Name.Namespace == XNamespace.None).ToList())
            RepairWork.Rename(inner, Namespace + inner.Name.LocalName);
    }

    /// <summary>Gives an element the namespace, and all of its own format that it holds.</summary>
    public static void Whole(RepairWork work, XElement element)
    {
        var own = element.Name.Namespace;
        foreach (var inner in element.Descendants().Where(inner => inner.Name.Namespace == own).ToList())
            RepairWork.Rename(inner, Namespace + inner.Name.LocalName);
        Element(work, element);
    }

    /// <summary>Gives an attribute the namespace; one of that name that is there already stays.</summary>
    public static void Attribute(RepairWork work, XAttribute attribute)
    {
        var (owner, name, value) = (attribute.Parent!, attribute.Name.LocalName, attribute.Value);
        attribute.Remove();
        work.Declare("kept", Namespace);
        if (owner.Attribute(Namespace + name) is null)
            owner.SetAttributeValue(Namespace + name, value);
    }

    /// <summary>Puts a text into an element of its own, in the place where it stands.</summary>
    public static void Text(RepairWork work, XText text)
    {
        work.Declare("kept", Namespace);
        text.ReplaceWith(new XElement(Namespace + "text", text.Value.Trim()));
    }
}
