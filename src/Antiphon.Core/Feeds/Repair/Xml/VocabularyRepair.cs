using System.Xml.Linq;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>
/// Brings a document to the vocabulary of its format: names, places, numbers and values of its elements. What the
/// format has no place for is kept in a namespace of its own.
/// </summary>
/// <param name="work">The document.</param>
/// <param name="vocabulary">The format.</param>
/// <param name="name">The format's namespace.</param>
internal sealed class VocabularyRepair(RepairWork work, Vocabulary.Vocabulary vocabulary, XNamespace name)
{
    // Elements whose text is HTML, so that markup in them is escaped rather than left out.
    private static readonly string[] WithHtml = ["description", "summary", "content", "encoded", "subtitle", "rights"];

    /// <summary>What elements of other formats are called in this one.</summary>
    public IReadOnlyDictionary<string, XName> OtherNames { get; init; } = new Dictionary<string, XName>();

    /// <summary>Repairs an element and what it holds.</summary>
    public void Repair(XElement root, ElementSpec spec)
    {
        var open = new Stack<(XElement Element, ElementSpec Spec)>([(root, spec)]);
        while (open.TryPop(out var next))
        {
            RepairAttributes(next.Element, next.Spec);
            RepairContent(next.Element, next.Spec);
            if (next.Spec.Content is ElementContent.Text or ElementContent.Anything)
                continue;
            foreach (var child in next.Element.Elements().Where(child => child.Name.Namespace == name).ToList())
                RepairName(child, next.Element, next.Spec);
            RepairRepeated(next.Element, next.Spec);
            foreach (var child in next.Element.Elements().Where(child => child.Name.Namespace == name))
            {
                if (next.Spec.Child(child.Name.LocalName) is { } known)
                    open.Push((child, known));
            }
        }
    }

    private void RepairAttributes(XElement element, ElementSpec spec)
    {
        foreach (
            var attribute in element
                .Attributes()
                .Where(attribute => attribute.Name.Namespace == XNamespace.None && !attribute.IsNamespaceDeclaration)
                .ToList()
        )
        {
            var known = spec.Attributes.FirstOrDefault(known => known.Name == attribute.Name.LocalName);
            if (known is null)
                RepairUnknown(element, attribute, spec);
            else if (
                known.Form is { } form
                && ValueRepair.Repaired(form, attribute.Value, work.BaseOf(element)) is { } right
            )
            {
                work.Note(
                    element,
                    right.Rule,
                    $"Wrote {known.Name} as “{Text.Shortened.ToLength(right.Value, 80)}” instead of “{Text.Shortened.ToLength(attribute.Value, 80)}”"
                );
                attribute.Value = right.Value;
            }
        }
    }

    private void RepairUnknown(XElement element, XAttribute attribute, ElementSpec spec)
    {
        var written = attribute.Name.LocalName;
        if (
            NearestName.Of(written, spec.Attributes.Select(known => known.Name)) is { } meant
            && element.Attribute(meant) is null
        )
        {
            attribute.Remove();
            element.SetAttributeValue(meant, attribute.Value);
            work.Note(element, vocabulary.Rules.AttributeUnknown.Id, $"Wrote the attribute {written} as {meant}");
        }
        else if (written == "lang" && element.Attribute(XNamespace.Xml + "lang") is null)
        {
            attribute.Remove();
            element.SetAttributeValue(XNamespace.Xml + "lang", attribute.Value);
            work.Note(element, vocabulary.Rules.AttributeUnknown.Id, "Wrote the attribute lang as xml:lang");
        }
        else
        {
            Kept.Attribute(work, attribute);
            work.Note(
                element,
                vocabulary.Rules.AttributeUnknown.Id,
                $"Gave the attribute {written} a namespace of its own"
            );
        }
    }

    private void RepairContent(XElement element, ElementSpec spec)
    {
        if (spec.Content == ElementContent.Anything)
            return;
        if (spec.Content != ElementContent.Text)
        {
            foreach (
                var text in element
                    .Nodes()
                    .OfType<XText>()
                    .Where(text => !string.IsNullOrWhiteSpace(text.Value))
                    .ToList()
            )
            {
                Kept.Text(work, text);
                work.Note(
                    element,
                    vocabulary.Rules.StrayText.Id,
                    $"Put the text in {element.Name.LocalName} into an element of its own"
                );
            }

            return;
        }

        if (spec.IsValue)
            foreach (var inner in InnerMarkup.TakeOut(element, inner => IsOfFeed(inner, element)))
                work.Note(
                    inner,
                    vocabulary.Rules.ElementInText.Id,
                    $"Moved {inner.Name.LocalName} out of {element.Name.LocalName}"
                );
        if (element.HasElements)
        {
            var text = WithHtml.Contains(element.Name.LocalName)
                ? InnerMarkup.AsHtml(element)
                : InnerMarkup.AsWords(element);
            work.Note(
                element,
                vocabulary.Rules.ElementInText.Id,
                $"Wrote the markup in {element.Name.LocalName} as text"
            );
            element.ReplaceNodes(new XText(text));
        }

        if (spec.Form is { } form && ValueRepair.Repaired(form, element.Value, work.BaseOf(element)) is { } right)
        {
            work.Note(
                element,
                right.Rule,
                $"Wrote {element.Name.LocalName} as “{Text.Shortened.ToLength(right.Value, 80)}” instead of “{Text.Shortened.ToLength(element.Value.Trim(), 80)}”"
            );
            RepairWork.SetText(element, right.Value);
        }
    }

    private bool IsOfFeed(XElement inner, XElement outer) =>
        inner.Name.Namespace == outer.Name.Namespace
            ? vocabulary.Knows(inner.Name.LocalName)
            : Modules.Find(inner.Name.NamespaceName)?.Find(inner.Name.LocalName) is not null;

    private void RepairName(XElement child, XElement parent, ElementSpec spec)
    {
        var written = child.Name.LocalName;
        if (spec.Child(written) is not null)
            return;
        if (vocabulary.Knows(written))
        {
            if (Moved(child, parent))
                work.Note(child, vocabulary.Rules.Misplaced.Id, $"Moved {written} to where it belongs");
            else
            {
                Kept.Element(work, child);
                work.Note(
                    child,
                    vocabulary.Rules.Misplaced.Id,
                    $"Gave {written} in {parent.Name.LocalName} a namespace of its own"
                );
            }
        }
        else if (
            NearestName.Of(written, spec.Children.Select(known => known.Name)) is { } meant
            && IsFit(child, name + meant, parent, spec)
        )
        {
            var isCase = meant.Equals(written, StringComparison.OrdinalIgnoreCase);
            RepairWork.Rename(child, name + meant);
            work.Note(
                child,
                (isCase ? vocabulary.Rules.Miswritten : vocabulary.Rules.Unknown).Id,
                $"Wrote {written} as {meant}"
            );
        }
        else if (OtherNames.TryGetValue(written, out var other) && IsFit(child, other, parent, spec))
        {
            RepairWork.Rename(child, other);
            work.Note(child, vocabulary.Rules.Unknown.Id, $"Wrote {written} as {other.LocalName}");
        }
        else
        {
            Kept.Element(work, child);
            work.Note(child, vocabulary.Rules.Unknown.Id, $"Gave {written} a namespace of its own");
        }
    }

    // A date by another name is one only when it can be read.
    private bool IsFit(XElement child, XName other, XElement parent, ElementSpec spec)
    {
        if (other.LocalName is "pubDate" or "published" or "updated" && PublishedDateParser.Parse(child.Value) is null)
            return false;
        if (other.Namespace != name)
            return true;
        // What holds elements is not meant by what holds none.
        return spec.Child(other.LocalName) is { } known
            && (known.Content != ElementContent.Elements || child.HasElements)
            && IsFree(parent, spec, other.LocalName);
    }

    // What belongs into the element around the one it stands in is put there, and an entry in an entry behind it.
    private bool Moved(XElement child, XElement parent)
    {
        if (parent.Parent is not { } around || around.Name.Namespace != name || SpecOf(around) is not { } outer)
            return false;
        if (outer.Child(child.Name.LocalName) is not { } place)
            return false;
        if (!place.MayRepeat && around.Element(child.Name) is not null)
            return false;
        child.Remove();
        if (place.MayRepeat)
            parent.AddAfterSelf(child);
        else
            parent.AddBeforeSelf(child);
        return true;
    }

    private ElementSpec? SpecOf(XElement element)
    {
        var path = element.AncestorsAndSelf().Reverse().Select(step => step.Name.LocalName).ToList();
        var spec = vocabulary.Root;
        foreach (var step in path.Skip(1))
        {
            if (spec.Child(step) is not { } next)
                return null;
            spec = next;
        }

        return spec;
    }

    private bool IsFree(XElement parent, ElementSpec spec, string meant) =>
        spec.Child(meant)!.MayRepeat || parent.Element(name + meant) is null;

    private void RepairRepeated(XElement parent, ElementSpec spec)
    {
        foreach (var known in spec.Children.Where(known => !known.MayRepeat))
        {
            var same = parent.Elements(name + known.Name).ToList();
            if (same.Count < 2)
                continue;
            // The one that readers take is the first that says something.
            var first = same.Find(element => element.Value.Trim().Length > 0 || element.HasElements) ?? same[0];
            foreach (var other in same.Where(other => other != first))
            {
                if (
                    XNode.DeepEquals(other, first)
                    || (other.Value.Trim().Length == 0 && !other.HasElements && !other.HasAttributes)
                )
                    other.Remove();
                else
                    Kept.Element(work, other);
            }

            work.Note(
                first,
                vocabulary.Rules.Repeated.Id,
                $"Kept one {known.Name} in {parent.Name.LocalName}, and the others in a namespace of their own"
            );
        }
    }
}
