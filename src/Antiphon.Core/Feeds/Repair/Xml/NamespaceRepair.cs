using System.Xml.Linq;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>Puts names of namespaces right.</summary>
internal static class NamespaceRepair
{
    /// <summary>Repairs the whole document.</summary>
    public static void Run(RepairWork work)
    {
        RepairMissing(work);
        var renamed = new HashSet<string>();
        foreach (var element in work.Root.DescendantsAndSelf().ToList())
        {
            foreach (var attribute in element.Attributes().ToList())
            {
                if (attribute.IsNamespaceDeclaration && Right(attribute.Value) is { } declared)
                    attribute.Value = declared;
                else if (!attribute.IsNamespaceDeclaration && Right(attribute.Name.NamespaceName) is { } named)
                {
                    attribute.Remove();
                    element.SetAttributeValue(XNamespace.Get(named) + attribute.Name.LocalName, attribute.Value);
                }
            }

            if (Right(element.Name.NamespaceName) is not { } right)
                continue;
            if (renamed.Add(element.Name.NamespaceName))
                work.Note(
                    element,
                    ModuleRules.Misspelt.Id,
                    $"Wrote the namespace {element.Name.NamespaceName} as {(right.Length == 0 ? "none" : right)}"
                );
            RepairWork.Rename(element, XNamespace.Get(right) + element.Name.LocalName);
        }
    }

    private static string? Right(string name) =>
        name.Length > 0 && FeedNamespaces.Meant(name) is var meant && meant != name && meant.Length > 0 ? meant : null;

    private static void RepairMissing(RepairWork work)
    {
        if (work.Root.Name.Namespace != XNamespace.None)
            return;
        var (right, rule) = work.Root.Name.LocalName switch
        {
            "feed" or "entry" => (FeedNamespaces.Atom, AtomStructureRules.NamespaceMissing.Id),
            "RDF" => (FeedNamespaces.Rdf, RdfRules.NamespaceMissing.Id),
            _ => (string.Empty, string.Empty),
        };
        if (right.Length == 0)
            return;
        work.Note(work.Root, rule, $"Put the document into the namespace {right}");
        XNamespace name = right;
        var lost = work.Root.DescendantsAndSelf().Where(element => element.Name.Namespace == XNamespace.None);
        foreach (var element in (right == FeedNamespaces.Rdf ? lost.Take(1) : lost).ToList())
            RepairWork.Rename(element, name + element.Name.LocalName);
    }
}
