using System.Xml.Linq;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Repair.Xml;

/// <summary>Repairs what modules carry, and the attributes that every element may have.</summary>
internal static class ModuleRepair
{
    private static readonly string[] WithHtml = ["encoded", "description", "summary"];

    /// <summary>Repairs the whole document.</summary>
    public static void Run(RepairWork work)
    {
        foreach (var element in work.Root.DescendantsAndSelf().ToList())
        {
            RepairLanguage(work, element);
            foreach (var child in element.Elements().ToList())
            {
                if (Modules.Find(child.Name.NamespaceName) is { } module)
                    Repair(work, child, module);
            }

            RepairRepeated(work, element);
        }
    }

    private static void RepairLanguage(RepairWork work, XElement element)
    {
        if (element.Attribute(XNamespace.Xml + "lang") is not { Value.Length: > 0 } language)
            return;
        if (ValueRepair.Repaired(Forms.LanguageForm.Tag, language.Value, null) is not { } right)
            return;
        work.Note(element, right.Rule, $"Wrote the language {language.Value} as {right.Value}");
        language.Value = right.Value;
    }

    private static void Repair(RepairWork work, XElement element, Module module)
    {
        if (module.Find(element.Name.LocalName) is not { } known)
        {
            if (
                NearestName.Of(element.Name.LocalName, module.Elements.Select(other => other.Spec.Name))
                is not { } meant
            )
                return;
            work.Note(element, ModuleStructureRules.Unknown.Id, $"Wrote {element.Name.LocalName} as {meant}");
            RepairWork.Rename(element, element.Name.Namespace + meant);
            known = module.Find(meant)!;
        }

        RepairAttributes(work, element, known.Spec);
        if (known.Spec.Content == ElementContent.Text)
            RepairText(work, element, known.Spec);
    }

    private static void RepairAttributes(RepairWork work, XElement element, ElementSpec spec)
    {
        foreach (var attribute in spec.Attributes.Where(attribute => attribute.Form is not null))
        {
            if (element.Attribute(attribute.Name) is not { } written)
                continue;
            if (ValueRepair.Repaired(attribute.Form!, written.Value, work.BaseOf(element)) is not { } right)
                continue;
            work.Note(
                element,
                right.Rule,
                $"Wrote {attribute.Name} as “{right.Value}” instead of “{Text.Shortened.ToLength(written.Value, 80)}”"
            );
            written.Value = right.Value;
        }
    }

    private static void RepairText(RepairWork work, XElement element, ElementSpec spec)
    {
        if (spec.IsValue)
            foreach (
                var inner in InnerMarkup.TakeOut(element, inner =>
                    Modules.Find(inner.Name.NamespaceName)?.Find(inner.Name.LocalName) is not null
                )
            )
                work.Note(
                    inner,
                    ModuleStructureRules.ElementInText.Id,
                    $"Moved {inner.Name.LocalName} out of {element.Name.LocalName}"
                );
        if (element.HasElements)
        {
            work.Note(
                element,
                ModuleStructureRules.ElementInText.Id,
                $"Wrote the markup in {element.Name.LocalName} as text"
            );
            var text = WithHtml.Contains(element.Name.LocalName)
                ? InnerMarkup.AsHtml(element)
                : InnerMarkup.AsWords(element);
            element.ReplaceNodes(new XText(text));
        }

        if (spec.Form is { } form && ValueRepair.Repaired(form, element.Value, work.BaseOf(element)) is { } value)
        {
            work.Note(
                element,
                value.Rule,
                $"Wrote {element.Name.LocalName} as “{value.Value}” instead of “{Text.Shortened.ToLength(element.Value.Trim(), 80)}”"
            );
            RepairWork.SetText(element, value.Value);
        }
    }

    private static void RepairRepeated(RepairWork work, XElement parent)
    {
        foreach (var same in parent.Elements().GroupBy(child => child.Name).Where(same => same.Skip(1).Any()).ToList())
        {
            if (Modules.Find(same.Key.NamespaceName)?.Find(same.Key.LocalName) is not { Spec.MayRepeat: false })
                continue;
            foreach (var other in same.Skip(1).ToList())
            {
                if (XNode.DeepEquals(other, same.First()))
                    other.Remove();
                else
                    Kept.Element(work, other);
            }

            work.Note(
                same.First(),
                ModuleStructureRules.Repeated.Id,
                $"Kept one {same.Key.LocalName}, and the others in a namespace of their own"
            );
        }
    }
}
