using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking.Examining;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Repairs texts and content of Atom (RFC 4287 §3.1 and §4.1.3).</summary>
internal sealed class AtomTextRepair(RepairWork work)
{
    private static readonly XNamespace Xhtml = FeedNamespaces.Xhtml;

    /// <summary>Repairs a text.</summary>
    public void Repair(XElement text, bool isContent)
    {
        RepairType(text, isContent);
        var type = (string?)text.Attribute("type");
        switch (type)
        {
            case null or "text":
                RepairPlain(text);
                break;
            case "html":
                if (text.HasElements)
                {
                    text.ReplaceNodes(new XText(InnerMarkup.AsHtml(text)));
                    work.Note(text, AtomStructureRules.ElementInText.Id, $"Escaped the HTML in {text.Name.LocalName}");
                }

                TextElement.Html(work, text, work.Home);
                break;
            case "xhtml":
                RepairXhtml(text);
                break;
            default:
                RepairMedia(text, type);
                break;
        }
    }

    private void RepairType(XElement text, bool isContent)
    {
        var written = (string?)text.Attribute("type");
        var type = written?.Trim().ToLowerInvariant();
        if (
            type is null
            || (written is "text" or "html" or "xhtml")
            || (isContent && (text.Attribute("src") is not null || MediaTypeForm.IsValid(type)))
        )
            return;
        var right = type switch
        {
            "text" or "text/plain" or "plain" => "text",
            "html" or "text/html" or "html5" or "escaped" => "html",
            "xhtml" or "application/xhtml+xml" or "xml" => "xhtml",
            "markdown" when isContent => "text/markdown",
            _ => text.HasElements || text.Value.Contains('<', StringComparison.Ordinal) ? "html" : "text",
        };
        text.SetAttributeValue("type", right);
        work.Note(
            text,
            isContent ? AtomStructureRules.ContentType.Id : AtomRules.TextType.Id,
            $"Said that {text.Name.LocalName} is {right}, not “{written}”"
        );
    }

    private void RepairPlain(XElement text)
    {
        if (!text.HasElements && ValueTests.FirstTag(text.Value) is null)
            return;
        var isMarkup = text.HasElements;
        if (isMarkup)
            text.ReplaceNodes(new XText(InnerMarkup.AsHtml(text)));
        text.SetAttributeValue("type", "html");
        work.Note(
            text,
            isMarkup ? AtomStructureRules.ElementInText.Id : AtomDetailRules.TypeWithMarkup.Id,
            $"Said that {text.Name.LocalName} is HTML"
        );
        TextElement.Html(work, text, work.Home);
    }

    private void RepairXhtml(XElement text)
    {
        var isEscaped =
            text.Descendants().All(element => element.Name == Xhtml + "div" && element.Parent == text)
            && ValueTests.FirstTag(text.Value) is not null;
        if (isEscaped)
        {
            WriteAsHtml(text);
            return;
        }

        NameXhtml(text);
        foreach (var attribute in text.Descendants().Attributes().Where(IsScript).ToList())
        {
            work.Note(
                text,
                ContentRules.EventAttribute.Id,
                $"Left out {attribute.Name.LocalName}, which runs a script"
            );
            attribute.Remove();
        }

        var isOneDiv =
            text.Elements().Count() == 1
            && text.Element(Xhtml + "div") is not null
            && text.Nodes().OfType<XText>().All(words => string.IsNullOrWhiteSpace(words.Value));
        if (!isOneDiv)
            WrapInDiv(text);
    }

    private void WriteAsHtml(XElement text)
    {
        text.ReplaceNodes(new XText(text.Value));
        text.SetAttributeValue("type", "html");
        work.Note(
            text,
            AtomStructureRules.XhtmlEscaped.Id,
            $"Said that {text.Name.LocalName} is HTML, as its tags are escaped"
        );
        TextElement.Html(work, text, work.Home);
    }

    private void NameXhtml(XElement text)
    {
        var lost = text.Descendants()
            .Where(element =>
                element.Name.Namespace == FeedNamespaces.Atom || element.Name.Namespace == XNamespace.None
            )
            .ToList();
        if (lost.Count == 0)
            return;
        work.Note(
            text,
            AtomStructureRules.XhtmlNamespace.Id,
            $"Put the HTML in {text.Name.LocalName} into its namespace"
        );
        foreach (var element in lost)
        {
            element.Attributes().Where(attribute => attribute.Name == "xmlns").Remove();
            RepairWork.Rename(element, Xhtml + element.Name.LocalName);
        }
    }

    private void WrapInDiv(XElement text)
    {
        var nodes = text.Nodes().ToList();
        var hadDiv = text.Element(Xhtml + "div") is not null;
        text.RemoveNodes();
        text.Add(new XElement(Xhtml + "div", nodes));
        work.Note(
            text,
            hadDiv ? AtomStructureRules.XhtmlDivs.Id : AtomRules.XhtmlDivMissing.Id,
            $"Put all of {text.Name.LocalName} into one div"
        );
    }

    private static bool IsScript(XAttribute attribute) =>
        attribute.Name.Namespace == XNamespace.None
        && (
            attribute.Name.LocalName.StartsWith("on", StringComparison.Ordinal)
            || (HtmlVocabulary.HoldsAddress(attribute.Name.LocalName) && HtmlAddressTests.RunsScript(attribute.Value))
        );

    private void RepairMedia(XElement content, string type)
    {
        if (content.Attribute("src") is not null)
            return;
        if (
            MediaTypeForm.IsXml(type)
            && (
                content.Elements().Count() != 1
                || content.Nodes().OfType<XText>().Any(words => !string.IsNullOrWhiteSpace(words.Value))
            )
        )
        {
            var isPlain = !content.HasElements;
            if (!isPlain)
                content.ReplaceNodes(new XText(InnerMarkup.AsHtml(content)));
            content.SetAttributeValue("type", isPlain ? "text" : "html");
            work.Note(
                content,
                AtomStructureRules.ContentXml.Id,
                $"Said that the content is {(isPlain ? "text" : "html")}, not {type}"
            );
            if (isPlain)
                RepairPlain(content);
        }
        else if (!MediaTypeForm.IsXml(type) && content.HasElements)
        {
            content.ReplaceNodes(new XText(InnerMarkup.AsHtml(content)));
            if (!type.StartsWith("text/", StringComparison.OrdinalIgnoreCase))
                content.SetAttributeValue("type", "html");
            work.Note(content, AtomStructureRules.ContentChildren.Id, "Wrote the elements in the content as text");
        }
    }
}
