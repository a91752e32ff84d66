using System.Net;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking.Examining;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs elements that hold a title or HTML.</summary>
internal static class TextElement
{
    /// <summary>A title with tags in it is written without them, one that was escaped twice is escaped once.</summary>
    public static void Title(RepairWork work, XElement title)
    {
        if (title.HasElements)
            return;
        if (HtmlRepair.WithoutSectionMarks(title.Value) is { } plain)
        {
            work.Note(title, HtmlRules.Section.Id, "Left out the marks of a CDATA section that readers would see");
            RepairWork.SetText(title, plain);
        }

        if (ValueTests.FirstTag(title.Value) is not null)
        {
            work.Note(title, RssDetailRules.TitleMarkup.Id, "Wrote the title without its tags");
            RepairWork.SetText(title, WebUtility.HtmlDecode(MarkupScan.WordsOf(title.Value)));
        }

        var isSection = title.Nodes().OfType<XCData>().Any();
        var pattern = isSection ? HtmlExaminer.EscapedTwice() : TextExaminer.EscapedOnce();
        if (!pattern.IsMatch(title.Value))
            return;
        work.Note(title, SharedRules.EscapedTwice.Id, "Escaped the title once instead of twice");
        RepairWork.SetText(title, WebUtility.HtmlDecode(title.Value));
    }

    /// <summary>HTML: what is escaped twice, relative addresses, tags that do not fit.</summary>
    public static void Html(RepairWork work, XElement text, Uri? baseAddress)
    {
        if (text.HasElements)
            return;
        var hasBase = text.AncestorsAndSelf().Any(element => element.Attribute(XNamespace.Xml + "base") is not null);
        var right = TextRepair.Html(text.Value, hasBase ? null : baseAddress, (rule, done) =>
            work.Note(text, rule, done)
        );
        if (right != text.Value)
            RepairWork.SetText(text, right);
    }
}
