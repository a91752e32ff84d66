using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules about the finer parts of Atom 1.0.</summary>
internal sealed class AtomDetailExaminer(Examination examination)
{
    private static readonly HashSet<string> Known =
    [
        "feed",
        "entry",
        "id",
        "title",
        "subtitle",
        "updated",
        "published",
        "author",
        "contributor",
        "name",
        "email",
        "uri",
        "link",
        "category",
        "generator",
        "icon",
        "logo",
        "rights",
        "summary",
        "content",
        "source",
    ];

    /// <summary>Examines a feed or entry document.</summary>
    public void Examine(SourceElement root)
    {
        foreach (var container in root.Of(FeedNamespaces.Atom, "entry").Append(root))
        {
            foreach (var child in container.Children.Where(child => child.Namespace == FeedNamespaces.Atom))
                ExamineChild(child, container);
            if (container.LocalName == "entry")
                ExamineEntry(container);
        }
    }

    private void ExamineChild(SourceElement child, SourceElement parent)
    {
        if (!Known.Contains(child.LocalName))
            examination.Report(AtomDetailRules.ElementUnknown, child, child.Name, parent.Name);
        switch (child.LocalName)
        {
            case "link":
                ExamineLink(child);
                break;
            case "author" or "contributor":
                ExaminePerson(child);
                break;
            case "icon" or "logo" when string.IsNullOrWhiteSpace(child.Text):
                examination.Report(AtomDetailRules.IconEmpty, child, child.LocalName);
                break;
            case "title" or "subtitle" or "rights" or "summary" when child.Attribute("type") is null or "text":
                if (ValueTests.FirstTag(child.Text) is { } tag)
                    examination.Report(AtomDetailRules.TypeWithMarkup, child.TextPlace, child.LocalName, tag);
                break;
        }
    }

    private void ExamineLink(SourceElement link)
    {
        if (link.Attribute("length") is { } length && !ValueTests.IsNumber(length))
            examination.Report(AtomDetailRules.LinkLength, link, length);
        if (link.Attribute("type") is { } type && !ValueTests.IsMediaType(type))
            examination.Report(AtomDetailRules.LinkType, link, type);
        if (link.Attribute("hreflang") is { } language && !ValueTests.IsLanguage(language))
            examination.Report(AtomDetailRules.LinkLanguage, link, language);
    }

    private void ExaminePerson(SourceElement person)
    {
        foreach (var mail in person.Of(FeedNamespaces.Atom, "email").Where(mail => !ValueTests.IsMail(mail.Text)))
            examination.Report(AtomDetailRules.MailInvalid, mail.TextPlace, mail.Text);
        foreach (
            var address in person.Of(FeedNamespaces.Atom, "uri").Where(address => !ValueTests.IsReference(address.Text))
        )
            examination.Report(AtomDetailRules.PersonAddress, address.TextPlace, address.Text);
    }

    private void ExamineEntry(SourceElement entry)
    {
        SourceElement? First(string name) => entry.Of(FeedNamespaces.Atom, name).FirstOrDefault();
        if (PublishedDateParser.Parse(First("updated")?.Text) < PublishedDateParser.Parse(First("published")?.Text))
            examination.Report(AtomDetailRules.UpdatedBeforePublished, First("updated")!.TextPlace);
        if (First("content") is not { } content)
            return;
        var (isElsewhere, type) = (content.Attribute("src") is not null, content.Attribute("type"));
        if (isElsewhere && (content.Text.Trim().Length > 0 || content.Children.Count > 0))
            examination.Report(AtomDetailRules.SourceAndText, content);
        if (isElsewhere && type is null)
            examination.Report(AtomDetailRules.SourceWithoutType, content);
        var isBinary =
            type is not null
            && type.Contains('/', StringComparison.Ordinal)
            && !type.StartsWith("text/", StringComparison.Ordinal)
            && !type.EndsWith("xml", StringComparison.Ordinal);
        if ((isElsewhere || isBinary) && First("summary") is null)
            examination.Report(AtomDetailRules.SummaryMissing, entry);
    }
}
