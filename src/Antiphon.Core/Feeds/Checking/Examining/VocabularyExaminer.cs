using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>
/// Compares a document with the vocabulary of its format: which elements and attributes stand where, how often, and
/// what their values are written like.
/// </summary>
/// <param name="examination">Takes what is found.</param>
/// <param name="vocabulary">The format.</param>
/// <param name="isOwn">Whether an element belongs to the format rather than to a module.</param>
internal sealed class VocabularyExaminer(
    Examination examination,
    Vocabulary.Vocabulary vocabulary,
    Func<SourceElement, bool> isOwn
)
{
    private VocabularyRules Rules => vocabulary.Rules;

    /// <summary>Examines an element and what it holds.</summary>
    public void Examine(SourceElement element, ElementSpec spec)
    {
        // An explicit stack: how deep a feed goes is its author's doing.
        var open = new Stack<(SourceElement Element, ElementSpec Spec)>([(element, spec)]);
        while (open.TryPop(out var next))
        {
            ExamineAttributes(next.Element, next.Spec);
            ExamineContent(next.Element, next.Spec);
            foreach (var inner in Children(next.Element, next.Spec))
                open.Push(inner);
        }
    }

    private void ExamineAttributes(SourceElement element, ElementSpec spec)
    {
        foreach (var attribute in element.Attributes.Where(attribute => attribute.Namespace.Length == 0))
        {
            var known = spec.Attributes.FirstOrDefault(known => known.Name == attribute.LocalName);
            if (known is null)
                examination.Report(
                    Rules.AttributeUnknown,
                    attribute.PlaceIn(element),
                    attribute.LocalName,
                    element.Name
                );
            else if (!string.IsNullOrWhiteSpace(attribute.Value) && known.Form?.Invoke(attribute.Value) is { } fault)
                examination.Report(fault.Rule, attribute.PlaceIn(element), fault.Arguments);
        }

        foreach (
            var missing in spec.Attributes.Where(known =>
                known.IsRequired && string.IsNullOrWhiteSpace(element.Attribute(known.Name))
            )
        )
            examination.Report(spec.Incomplete!, element, missing.Name, element.Name);
    }

    private void ExamineContent(SourceElement element, ElementSpec spec)
    {
        if (spec.Content == ElementContent.Anything)
            return;
        var isBlank = string.IsNullOrWhiteSpace(element.Text);
        if (spec.Content != ElementContent.Text)
        {
            if (!isBlank)
                examination.Report(Rules.StrayText, element.TextPlace, element.Text, element.Name);
            return;
        }

        if (element.Children.Count > 0)
            examination.Report(Rules.ElementInText, element.Children[0], element.Children[0].Name, element.Name);
        else if (isBlank && spec.Blank is { } blank)
            examination.Report(blank, element, element.Name, element.Parent?.Name ?? string.Empty);
        else if (!isBlank && spec.Form?.Invoke(element.Text) is { } fault)
            examination.Report(fault.Rule, element.TextPlace, fault.Arguments);
    }

    private List<(SourceElement Element, ElementSpec Spec)> Children(SourceElement element, ElementSpec spec)
    {
        var found = new List<(SourceElement, ElementSpec)>();
        if (spec.Content is ElementContent.Text or ElementContent.Anything)
            return found;
        var counts = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var child in element.Children.Where(isOwn))
        {
            if (Known(child, element, spec) is not { } known)
                continue;
            var count = counts[known.Name] = counts.GetValueOrDefault(known.Name) + 1;
            if (count == 2 && !known.MayRepeat)
                examination.Report(Rules.Repeated, child, child.Name, element.Name);
            found.Add((child, known));
        }

        foreach (
            var missing in spec.Children.Where(known => known.IsRequired && counts.GetValueOrDefault(known.Name) == 0)
        )
            examination.Report(spec.Incomplete ?? Rules.Missing, element, missing.Name, element.Name);
        found.Reverse();
        return found;
    }

    private ElementSpec? Known(SourceElement child, SourceElement parent, ElementSpec spec)
    {
        if (spec.Child(child.LocalName) is { } known)
            return known;
        if (vocabulary.Knows(child.LocalName))
        {
            examination.Report(Rules.Misplaced, child, child.Name, parent.Name);
            return null;
        }

        if (Vocabulary.Vocabulary.Meant(spec, child.LocalName) is { } meant)
        {
            examination.Report(Rules.Miswritten, child, child.Name, meant.Name);
            return meant;
        }

        examination.Report(Rules.Unknown, child, child.Name, parent.Name);
        return null;
    }
}
