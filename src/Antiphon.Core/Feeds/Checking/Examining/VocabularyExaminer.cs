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
            if (next.Spec.Content is not (ElementContent.Text or ElementContent.Anything))
                ExamineChildren(next.Element, next.Spec, open);
        }
    }

    private void ExamineAttributes(SourceElement element, ElementSpec spec)
    {
        foreach (var attribute in element.Attributes)
        {
            if (attribute.Namespace.Length > 0)
                continue;
            var known = Find(spec, attribute.LocalName);
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

        foreach (var known in spec.Attributes)
        {
            if (known.IsMissing(element.Attribute(known.Name)))
                examination.Report(spec.Incomplete!, element, known.Name, element.Name);
        }
    }

    private static AttributeSpec? Find(ElementSpec spec, string name)
    {
        foreach (var known in spec.Attributes)
        {
            if (known.Name == name)
                return known;
        }

        return null;
    }

    private void ExamineContent(SourceElement element, ElementSpec spec)
    {
        if (spec.Content == ElementContent.Anything)
            return;
        var isBlank = !element.HasText || string.IsNullOrWhiteSpace(element.Text);
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

    private void ExamineChildren(SourceElement element, ElementSpec spec, Stack<(SourceElement, ElementSpec)> open)
    {
        var index = vocabulary.IndexOf(spec);
        Span<ushort> counts = stackalloc ushort[spec.Children.Count];
        foreach (var child in element.Children)
        {
            if (!isOwn(child))
                continue;
            var number = index.Find(child.LocalName);
            if (number < 0)
                number = NumberOfMeant(child, element, spec, index);
            if (number < 0)
                continue;
            var known = spec.Children[number];
            if (counts[number] < 2 && ++counts[number] == 2 && !known.MayRepeat)
                examination.Report(Rules.Repeated, child, child.Name, element.Name);
            open.Push((child, known));
        }

        foreach (var number in index.Required)
        {
            if (counts[number] == 0)
                examination.Report(spec.Incomplete ?? Rules.Missing, element, spec.Children[number].Name, element.Name);
        }
    }

    private int NumberOfMeant(SourceElement child, SourceElement parent, ElementSpec spec, ElementIndex index)
    {
        if (vocabulary.Knows(child.LocalName))
        {
            examination.Report(Rules.Misplaced, child, child.Name, parent.Name);
            return -1;
        }

        if (Vocabulary.Vocabulary.Meant(spec, child.LocalName) is { } meant)
        {
            examination.Report(Rules.Miswritten, child, child.Name, meant.Name);
            return index.Find(meant.Name);
        }

        examination.Report(Rules.Unknown, child, child.Name, parent.Name);
        return -1;
    }
}
