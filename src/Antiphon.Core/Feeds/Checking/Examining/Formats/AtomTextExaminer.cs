using System.Buffers.Text;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules about texts and content of Atom (RFC 4287 §3.1 and §4.1.3).</summary>
internal sealed class AtomTextExaminer(Examination examination)
{
    /// <summary>Examines a text: a title, a summary and the like.</summary>
    public void ExamineText(SourceElement text)
    {
        switch (text.Attribute("type"))
        {
            case null or "text":
                ReportChildren(text);
                if (text.Children.Count == 0 && ValueTests.FirstTag(text.Text) is { } tag)
                    examination.Report(AtomDetailRules.TypeWithMarkup, text.TextPlace, text.LocalName, tag);
                else if (text.LocalName == "title")
                    TextExaminer.ExamineTitle(examination, text);
                break;
            case "html":
                ReportChildren(text);
                TextExaminer.ExamineHtml(examination, text);
                break;
            case "xhtml":
                ExamineXhtml(text);
                break;
            case var type:
                examination.Report(AtomRules.TextType, text, type);
                break;
        }
    }

    /// <summary>Examines the content of an entry.</summary>
    public void ExamineContent(SourceElement content, SourceElement entry)
    {
        var type = content.Attribute("type")?.Trim();
        var isElsewhere = content.Attribute("src") is not null;
        var isOfAtom = type is null or "text" or "html" or "xhtml";
        var isKind = isOfAtom || MediaTypeForm.IsValid(type!);
        if (!isKind)
            examination.Report(AtomStructureRules.ContentType, content, type!);
        else if (isElsewhere)
            ExamineElsewhere(content, type);
        else if (isOfAtom)
            ExamineText(content);
        else
            ExamineMedia(content, type!);
        var isText =
            isOfAtom || type!.StartsWith("text/", StringComparison.OrdinalIgnoreCase) || MediaTypeForm.IsXml(type);
        // Nobody knows what is in content of a kind that is none.
        if ((isElsewhere || (isKind && !isText)) && !entry.Of(FeedNamespaces.Atom, "summary").Any())
            examination.Report(AtomDetailRules.SummaryMissing, entry);
    }

    private void ExamineElsewhere(SourceElement content, string? type)
    {
        if (content.Text.Trim().Length > 0 || content.Children.Count > 0)
            examination.Report(AtomDetailRules.SourceAndText, content);
        if (type is null)
            examination.Report(AtomDetailRules.SourceWithoutType, content);
        else if (type is "text" or "html" or "xhtml")
            examination.Report(AtomStructureRules.ContentSourceType, content, type);
    }

    private void ExamineMedia(SourceElement content, string type)
    {
        var bare = MediaTypeForm.Bare(type);
        if (
            bare.StartsWith("multipart/", StringComparison.Ordinal)
            || bare.StartsWith("message/", StringComparison.Ordinal)
        )
            examination.Report(AtomStructureRules.ContentComposite, content, type);
        else if (MediaTypeForm.IsXml(type))
        {
            if (content.Children.Count != 1 || content.Text.Trim().Length > 0)
                examination.Report(AtomStructureRules.ContentXml, content, type);
        }
        else if (content.Children.Count > 0)
            examination.Report(AtomStructureRules.ContentChildren, content.Children[0], type, content.Children[0].Name);
        else if (!bare.StartsWith("text/", StringComparison.Ordinal) && !Base64.IsValid(content.Text))
            examination.Report(AtomStructureRules.ContentBase64, content.TextPlace, type);
    }

    private void ReportChildren(SourceElement text)
    {
        if (text.Children.Count > 0)
            examination.Report(AtomStructureRules.ElementInText, text.Children[0], text.Children[0].Name, text.Name);
    }

    private void ExamineXhtml(SourceElement text)
    {
        var divs = text.Of(FeedNamespaces.Xhtml, "div").ToList();
        if (divs.Count == 0)
        {
            var plain = text.Children.FirstOrDefault(child => child.LocalName == "div");
            if (plain is null)
                examination.Report(AtomRules.XhtmlDivMissing, text);
            else
                examination.Report(AtomStructureRules.XhtmlNamespace, plain, plain.Name);
            return;
        }

        if (text.Children.Count > 1)
            examination.Report(AtomStructureRules.XhtmlDivs, text.Children[1], text.Children[1].Name);
        else if (text.Text.Trim().Length > 0)
            examination.Report(AtomStructureRules.XhtmlDivs, text.TextPlace, text.Text);
        XhtmlExaminer.Examine(examination, divs[0]);
    }
}
