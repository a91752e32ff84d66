using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Applies the rules about HTML in texts where the HTML is part of the document.</summary>
internal static class XhtmlExaminer
{
    /// <summary>Examines an element and all within it; of each kind the first is told.</summary>
    public static void Examine(Examination examination, SourceElement root)
    {
        var told = new HashSet<string>();
        var open = new Stack<SourceElement>([root]);
        while (open.TryPop(out var element))
        {
            if (element.Namespace == FeedNamespaces.Xhtml)
                ExamineOne(examination, element, told);
            for (var child = element.Children.Count - 1; child >= 0; child--)
                open.Push(element.Children[child]);
        }
    }

    private static bool IsWithin(SourceElement element, string[] wholes)
    {
        for (var outer = element.Parent; outer?.Namespace == FeedNamespaces.Xhtml; outer = outer.Parent)
        {
            if (wholes.Contains(outer.LocalName))
                return true;
        }

        return false;
    }

    private static void ExamineOne(Examination examination, SourceElement element, HashSet<string> told)
    {
        var known = HtmlVocabulary.Of(element.LocalName);
        if (known.IsUnsafe && told.Add("unsafe"))
            examination.Report(SharedRules.UnsafeMarkup, element, element.LocalName);
        if (!known.IsKnown && told.Add("unknown"))
            examination.Report(HtmlRules.ElementUnknown, element, element.LocalName);
        else if (known.IsObsolete && told.Add("obsolete"))
            examination.Report(HtmlRules.ElementObsolete, element, element.LocalName);
        if (HtmlVocabulary.PartOf(element.LocalName) is { } wholes && !IsWithin(element, wholes) && told.Add("outside"))
            examination.Report(HtmlRules.OutsideParent, element, $"<{element.LocalName}>", $"<{wholes[0]}>");
        if (element.LocalName == "img" && element.Attribute("alt") is null && told.Add("alt"))
            examination.Report(ContentRules.PictureWithoutWords, element);
        foreach (var attribute in element.Attributes.Where(attribute => attribute.Namespace.Length == 0))
        {
            if (attribute.LocalName.StartsWith("on", StringComparison.OrdinalIgnoreCase) && told.Add("event"))
                examination.Report(ContentRules.EventAttribute, attribute.PlaceIn(element), attribute.LocalName);
            if (!HtmlVocabulary.HoldsAddress(attribute.LocalName))
                continue;
            if (HtmlAddressTests.RunsScript(attribute.Value) && told.Add("script"))
                examination.Report(ContentRules.ScriptAddress, attribute.PlaceIn(element));
        }

        if (
            ValueTests.FirstTag(element.Text) is { } tag
            && element.LocalName is not ("code" or "pre" or "kbd" or "samp")
            && told.Add("escaped")
        )
            examination.Report(AtomStructureRules.XhtmlEscaped, element.TextPlace, tag);
    }
}
