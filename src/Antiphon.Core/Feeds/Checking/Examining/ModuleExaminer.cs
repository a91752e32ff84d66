using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Modules;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>
/// Applies the rules of modules, wherever in a feed they stand, and those of the attributes that every element may have.
/// </summary>
internal sealed class ModuleExaminer(Examination examination)
{
    private readonly HashSet<string> _misspelt = [];

    /// <summary>Examines an element and all within it.</summary>
    public void Examine(SourceElement root)
    {
        // An explicit stack: how deep a feed goes is its author's doing.
        var stack = new Stack<SourceElement>([root]);
        while (stack.TryPop(out var element))
        {
            ExamineXmlAttributes(element);
            ExamineNamespace(element);
            ExamineChildren(element);
            for (var child = element.Children.Count - 1; child >= 0; child--)
                stack.Push(element.Children[child]);
        }
    }

    private void ExamineXmlAttributes(SourceElement element)
    {
        foreach (var attribute in element.Attributes)
        {
            if (attribute.Namespace != FeedNamespaces.Xml)
                continue;
            // An empty language takes the one around it away (XML 1.0 §2.12).
            var fault = attribute.LocalName switch
            {
                "lang" when attribute.Value.Length > 0 => LanguageForm.Tag(attribute.Value),
                "base" when AddressForm.Reference(attribute.Value) is { Rule.Severity: Severity.Error } => new Fault(
                    AddressRules.BaseInvalid,
                    attribute.Value
                ),
                _ => null,
            };
            if (fault is not null)
                examination.Report(fault.Rule, attribute.PlaceIn(element), fault.Arguments);
        }
    }

    // Told once for each namespace, at its first use: the declaration is what is wrong.
    private void ExamineNamespace(SourceElement element)
    {
        var written = element.WrittenNamespace;
        if (written.Length == 0 || element.Namespace == written || element.Namespace.Length == 0)
            return;
        if (_misspelt.Add(written))
            examination.Report(ModuleRules.Misspelt, element, written, element.Name, element.Namespace);
    }

    private void ExamineChildren(SourceElement parent)
    {
        HashSet<(string, string)>? seen = null;
        var hasPosition = false;
        foreach (var child in parent.Children)
        {
            if (child.Namespace.Length == 0 || Modules.Find(child.Namespace) is not { } module)
                continue;
            hasPosition |= child.Namespace == FeedNamespaces.Wgs84;
            if (module.Find(child.LocalName) is not { } known)
            {
                examination.Report(ModuleStructureRules.Unknown, child, child.Name);
                continue;
            }

            if (!known.Places.HasFlag(PlaceOf(parent, module)))
                examination.Report(ModuleStructureRules.Misplaced, child, child.Name, parent.Name);
            else if (!known.Spec.MayRepeat && !(seen ??= []).Add((child.Namespace, child.LocalName)))
                examination.Report(ModuleStructureRules.Repeated, child, child.Name, parent.Name);
            ExamineAttributes(child, known.Spec);
            ExamineContent(child, known.Spec);
        }

        if (hasPosition)
            ExaminePosition(parent);
    }

    // Groups of other modules may hold what they like, so only the places of feeds are told apart.
    private static ModulePlaces PlaceOf(SourceElement parent, Module module)
    {
        if (parent.Namespace == module.Namespace)
            return ModulePlaces.Module;
        return parent.LocalName switch
        {
            "channel" or "feed" or "source" => ModulePlaces.Feed,
            "item" or "entry" => ModulePlaces.Entry,
            "rss" or "RDF" => ModulePlaces.Nowhere,
            "title" or "link" or "guid" or "description" or "summary" or "author" or "image" when parent.IsRss =>
                ModulePlaces.Nowhere,
            _ => 0,
        };
    }

    private void ExamineAttributes(SourceElement element, ElementSpec spec)
    {
        foreach (var known in spec.Attributes)
        {
            var attribute = element.Attributes.FirstOrDefault(attribute =>
                attribute.Namespace.Length == 0 && attribute.LocalName == known.Name
            );
            if (string.IsNullOrWhiteSpace(attribute?.Value))
            {
                if (known.IsRequired)
                    examination.Report(
                        spec.Incomplete ?? ModuleStructureRules.AttributeMissing,
                        element,
                        known.Name,
                        element.Name
                    );
            }
            else if (known.Form?.Invoke(attribute.Value) is { } fault)
                examination.Report(fault.Rule, attribute.PlaceIn(element), fault.Arguments);
        }

        var isFile = element.Namespace == FeedNamespaces.Media && element.LocalName is "thumbnail" or "content";
        if (
            isFile
            && string.IsNullOrWhiteSpace(element.Attribute("url"))
            && !element.Of(FeedNamespaces.Media, "player").Any()
        )
            examination.Report(ModuleRules.MediaAddress, element, element.Name);
    }

    private void ExamineContent(SourceElement element, ElementSpec spec)
    {
        var isBlank = string.IsNullOrWhiteSpace(element.Text);
        if (spec.Content == ElementContent.Anything)
            return;
        if (spec.Content == ElementContent.Nothing)
        {
            if (!isBlank)
                examination.Report(ModuleStructureRules.StrayText, element.TextPlace, element.Text, element.Name);
            return;
        }

        if (element.Children.Count > 0)
            examination.Report(
                ModuleStructureRules.ElementInText,
                element.Children[0],
                element.Children[0].Name,
                element.Name
            );
        else if (isBlank && spec.Blank is { } blank)
            examination.Report(blank, element, element.Name, element.Parent?.Name ?? string.Empty);
        else if (!isBlank && spec.Form?.Invoke(element.Text) is { } fault)
            examination.Report(fault.Rule, element.TextPlace, fault.Arguments);
    }

    private void ExaminePosition(SourceElement parent)
    {
        var (hasLatitude, hasLongitude) = (
            parent.Of(FeedNamespaces.Wgs84, "lat").Any(),
            parent.Of(FeedNamespaces.Wgs84, "long").Any()
        );
        if (hasLatitude == hasLongitude)
            return;
        var (there, missing) = hasLatitude ? ("geo:lat", "geo:long") : ("geo:long", "geo:lat");
        examination.Report(ModuleStructureRules.PositionHalf, parent, there, missing);
    }
}
