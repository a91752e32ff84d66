using System.Net;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Texts;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Repairs titles and HTML inside feeds.</summary>
internal static class TextRepair
{
    /// <summary>A title that was escaped twice is escaped once.</summary>
    public static void Title(RepairWork work, XElement title)
    {
        var isSection = title.Nodes().OfType<XCData>().Any();
        var pattern = isSection ? HtmlExaminer.EscapedTwice() : TextExaminer.EscapedOnce();
        if (title.HasElements || !pattern.IsMatch(title.Value))
            return;
        work.Note(title, SharedRules.EscapedTwice.Id, "Escaped the title once instead of twice");
        RepairWork.SetText(title, WebUtility.HtmlDecode(title.Value));
    }

    /// <summary>Relative addresses in HTML become whole; text escaped twice is escaped once.</summary>
    public static void Html(RepairWork work, XElement text, Uri? baseAddress)
    {
        if (text.HasElements)
            return;
        if (HtmlExaminer.EscapedTwice().IsMatch(text.Value))
        {
            work.Note(text, SharedRules.EscapedTwice.Id, "Escaped the text once instead of twice");
            RepairWork.SetText(text, HtmlExaminer.EscapedTwice().Replace(text.Value, match => "&" + match.Value[5..]));
        }

        var hasBase = text.AncestorsAndSelf().Any(element => element.Attribute(XNamespace.Xml + "base") is not null);
        var whole = hasBase ? text.Value : HtmlAddresses.Resolve(text.Value, baseAddress);
        if (whole is null || whole == text.Value)
            return;
        work.Note(text, SharedRules.RelativeAddress.Id, "Completed the addresses in the text");
        RepairWork.SetText(text, whole);
    }
}
