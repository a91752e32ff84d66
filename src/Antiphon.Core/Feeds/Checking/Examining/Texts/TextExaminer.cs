using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Checks titles and texts of feeds that are XML.</summary>
internal static partial class TextExaminer
{
    /// <summary>Reports a title with tags in it, or one that was escaped twice.</summary>
    public static void ExamineTitle(Examination examination, SourceElement title)
    {
        if (title.Children.Count > 0)
            return;
        if (HtmlExaminer.SectionMark(title.Text) is { } section)
        {
            examination.Report(HtmlRules.Section, title.TextPlace, section.Value);
            return;
        }

        if (ValueTests.FirstTag(title.Text) is { } tag)
        {
            examination.Report(RssDetailRules.TitleMarkup, title.TextPlace, tag);
            return;
        }

        if (!title.Text.Contains('&', StringComparison.Ordinal))
            return;
        // Inside CDATA one level is the text itself, so only a second level shows.
        var pattern = title.HasCData ? HtmlExaminer.EscapedTwice() : EscapedOnce();
        if (pattern.Match(title.Text) is { Success: true } match)
            examination.Report(SharedRules.EscapedTwice, title.TextPlace, match.Value);
    }

    /// <summary>Applies the rules about HTML. Addresses under an xml:base are left alone.</summary>
    public static void ExamineHtml(Examination examination, SourceElement element)
    {
        if (element.Children.Count == 0)
            new HtmlExaminer(examination, element.Text, element.PlaceIn, HasBase(element)).Examine();
    }

    /// <summary>Whether an element or one around it says against what addresses are resolved.</summary>
    public static bool HasBase(SourceElement element)
    {
        for (var at = element; at is not null; at = at.Parent)
        {
            if (at.XmlAttribute("base") is not null)
                return true;
        }

        return false;
    }

    /// <summary>An entity standing in text that is no longer escaped.</summary>
    [GeneratedRegex(@"&(?:amp|lt|gt|quot|apos|nbsp|#\d{1,6}|#x[0-9a-fA-F]{1,5});")]
    internal static partial Regex EscapedOnce();
}
