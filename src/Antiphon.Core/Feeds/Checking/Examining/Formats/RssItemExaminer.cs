using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of RSS to one item.</summary>
internal sealed class RssItemExaminer(Examination examination, bool isRdf, HashSet<string> guids)
{
    private static readonly HashSet<string> ItemElements =
    [
        "title",
        "link",
        "description",
        "author",
        "category",
        "comments",
        "enclosure",
        "guid",
        "pubDate",
        "source",
    ];

    private static readonly string[] Once =
    [
        "title",
        "link",
        "description",
        "author",
        "comments",
        "guid",
        "pubDate",
        "source",
    ];

    /// <summary>Examines the item.</summary>
    public void Examine(SourceElement item)
    {
        var title = First(item, "title");
        var description = First(item, "description");
        if (string.IsNullOrWhiteSpace(title?.Text) && string.IsNullOrWhiteSpace(description?.Text))
            examination.Report(RssRules.ItemEmpty, item);
        if (title is not null)
            TextExaminer.ExamineTitle(examination, title);
        if (description is not null)
            TextExaminer.ExamineHtml(examination, description);
        foreach (var content in item.Of(FeedNamespaces.Content, "encoded"))
            TextExaminer.ExamineHtml(examination, content);
        ExamineLink(item);
        if (!isRdf)
            ExamineGuid(item);
        ExamineDate(item);
        foreach (var author in item.Own("author").Where(author => !author.Text.Contains('@', StringComparison.Ordinal)))
        {
            examination.Report(RssRules.AuthorNotMail, author.TextPlace, author.Text);
        }

        foreach (var enclosure in item.Own("enclosure"))
            ExamineEnclosure(enclosure);
        RepeatedElements.Report(item, Once, again =>
            examination.Report(RssRules.ElementRepeated, again, again.Name, item.Name)
        );
        foreach (
            var child in item.Children.Where(child =>
                child.Namespace.Length == 0 && !ItemElements.Contains(child.LocalName)
            )
        )
        {
            examination.Report(RssRules.ElementUnknown, child, child.Name, item.Name);
        }
    }

    private static SourceElement? First(SourceElement item, string name) => item.Own(name).FirstOrDefault();

    private void ExamineLink(SourceElement item)
    {
        var link = First(item, "link");
        if (!string.IsNullOrWhiteSpace(link?.Text))
        {
            if (!LinkResolver.IsAbsolute(link.Text))
                examination.Report(SharedRules.LinkNotAbsolute, link.TextPlace, link.Text);
            return;
        }

        var guid = First(item, "guid");
        var leads = LinkResolver.IsWeb(guid?.Text) && guid?.Attribute("isPermaLink") != "false";
        if (!leads && !item.Own("enclosure").Any())
            examination.Report(RssRules.ItemLinkMissing, item);
    }

    private void ExamineGuid(SourceElement item)
    {
        if (First(item, "guid") is not { } guid)
        {
            examination.Report(RssRules.GuidMissing, item);
            return;
        }

        var text = guid.Text.Trim();
        if (text.Length == 0)
            examination.Report(RssRules.GuidEmpty, guid);
        else if (!guids.Add(text))
            examination.Report(RssRules.GuidDuplicate, guid.TextPlace, text);
        var isAddress = !string.Equals(guid.Attribute("isPermaLink"), "false", StringComparison.OrdinalIgnoreCase);
        if (isAddress && text.Length > 0 && !LinkResolver.IsAbsolute(text))
            examination.Report(RssRules.GuidNotAddress, guid.TextPlace, text);
    }

    private void ExamineDate(SourceElement item)
    {
        var date = First(item, "pubDate");
        if (date is not null)
            RssDateExaminer.Examine(examination, date);
        else if (!item.Of(FeedNamespaces.DublinCore, "date").Any())
            examination.Report(RssRules.DateMissing, item);
    }

    private void ExamineEnclosure(SourceElement enclosure)
    {
        foreach (var name in (string[])["url", "length", "type"])
        {
            if (string.IsNullOrWhiteSpace(enclosure.Attribute(name)))
                examination.Report(RssRules.EnclosureIncomplete, enclosure, name);
        }

        var length = enclosure.Attribute("length");
        if (!string.IsNullOrWhiteSpace(length) && !length.Trim().All(char.IsAsciiDigit))
            examination.Report(RssRules.EnclosureLength, enclosure, length);
        var url = enclosure.Attribute("url");
        if (!string.IsNullOrWhiteSpace(url) && !LinkResolver.IsAbsolute(url))
            examination.Report(SharedRules.LinkNotAbsolute, enclosure, url);
    }
}
