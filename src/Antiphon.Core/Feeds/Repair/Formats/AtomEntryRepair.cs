using System.Xml.Linq;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Repair.Formats;

/// <summary>Gives an entry of Atom what it must have.</summary>
internal sealed class AtomEntryRepair(RepairWork work)
{
    private static readonly XNamespace Atom = FeedNamespaces.Atom;

    /// <summary>Repairs the entry.</summary>
    public void Repair(XElement entry)
    {
        work.Require(
            entry,
            "updated",
            entry.Element(Atom + "published")?.Value.Trim() is { Length: > 0 } published
                ? published
                : AtomWriter.Date(work.Now),
            "the date of publication"
        );
        work.Require(entry, "title", string.Empty, "an empty one");
        if (entry.Element(Atom + "content") is not { } content)
            return;
        var type = (string?)content.Attribute("type");
        var isElsewhere = content.Attribute("src") is not null;
        if (isElsewhere)
            RepairElsewhere(content, type);
        var isText =
            type is null or "text" or "html" or "xhtml"
            || type.StartsWith("text/", StringComparison.Ordinal)
            || MediaTypeForm.IsXml(type);
        var title = entry.Element(Atom + "title")?.Value.Trim();
        if ((isText && !isElsewhere) || entry.Element(Atom + "summary") is not null || string.IsNullOrEmpty(title))
            return;
        RepairWork.Add(entry, new XElement(Atom + "summary", title));
        work.Note(entry, AtomDetailRules.SummaryMissing.Id, "Summed the entry up by its title");
    }

    private void RepairElsewhere(XElement content, string? type)
    {
        if (content.HasElements || content.Value.Trim().Length > 0)
        {
            var words = content.HasElements ? InnerMarkup.AsHtml(content) : content.Value.Trim();
            var entry = content.Parent!;
            if (entry.Element(Atom + "summary") is null)
                content.AddBeforeSelf(new XElement(Atom + "summary", new XAttribute("type", "html"), words));
            else
            {
                work.Declare("kept", Kept.Namespace);
                content.AddAfterSelf(new XElement(Kept.Namespace + "content", words));
            }

            content.RemoveNodes();
            work.Note(
                content,
                AtomDetailRules.SourceAndText.Id,
                "Moved the text out of content that is kept elsewhere"
            );
        }

        var right = type switch
        {
            "html" => "text/html",
            "text" => "text/plain",
            "xhtml" => "application/xhtml+xml",
            null => MediaTypes.OfAddress((string?)content.Attribute("src")),
            _ => null,
        };
        if (right is null)
            return;
        content.SetAttributeValue("type", right);
        work.Note(
            content,
            type is null ? AtomDetailRules.SourceWithoutType.Id : AtomStructureRules.ContentSourceType.Id,
            $"Said that the content is {right}"
        );
    }
}
