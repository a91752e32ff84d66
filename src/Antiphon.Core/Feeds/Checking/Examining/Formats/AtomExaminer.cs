using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of Atom 1.0 (RFC 4287).</summary>
internal sealed class AtomExaminer(Examination examination)
{
    private static readonly string[] OnceInFeed =
    [
        "id",
        "title",
        "updated",
        "subtitle",
        "rights",
        "generator",
        "icon",
        "logo",
    ];
    private static readonly string[] OnceInEntry =
    [
        "id",
        "title",
        "updated",
        "published",
        "summary",
        "content",
        "rights",
        "source",
    ];
    private readonly HashSet<string> _ids = new(StringComparer.Ordinal);

    /// <summary>Examines a feed or entry document.</summary>
    public void Examine(SourceElement root)
    {
        if (root.LocalName == "entry")
        {
            ExamineEntry(root, feedHasAuthor: false);
            return;
        }

        ExamineContainer(root, "feed", OnceInFeed);
        if (!Own(root, "link").Any(link => link.Attribute("rel") == "self"))
            examination.Report(AtomRules.SelfLinkMissing, root);
        var entries = Own(root, "entry").ToList();
        if (entries.Count == 0)
            examination.Report(Finding.Overall(SharedRules.NoEntries));
        var feedHasAuthor = Own(root, "author").Any();
        foreach (var entry in entries)
            ExamineEntry(entry, feedHasAuthor);
    }

    private static IEnumerable<SourceElement> Own(SourceElement parent, string name) =>
        parent.Of(FeedNamespaces.Atom, name);

    private void ExamineEntry(SourceElement entry, bool feedHasAuthor)
    {
        ExamineContainer(entry, "entry", OnceInEntry);
        var sourceHasAuthor = Own(entry, "source").Any(source => Own(source, "author").Any());
        if (!feedHasAuthor && !sourceHasAuthor && !Own(entry, "author").Any())
            examination.Report(AtomRules.AuthorMissing, entry);
        var hasAlternate = Own(entry, "link").Any(link => link.Attribute("rel") is null or "alternate");
        if (!hasAlternate && !Own(entry, "content").Any())
            examination.Report(AtomRules.AlternateMissing, entry);
        var id = Own(entry, "id").FirstOrDefault();
        var version = id?.Text.Trim() + " " + Own(entry, "updated").FirstOrDefault()?.Text.Trim();
        if (id is not null && !_ids.Add(version))
            examination.Report(AtomRules.IdDuplicate, id.TextPlace, id.Text);
    }

    private void ExamineContainer(SourceElement parent, string name, string[] once)
    {
        foreach (var required in (string[])["id", "title", "updated"])
        {
            var found = Own(parent, required).FirstOrDefault();
            var isEmpty = found is not null && required != "title" && string.IsNullOrWhiteSpace(found.Text);
            if (found is null || isEmpty)
                examination.Report(AtomRules.ElementMissing, parent, required, name);
        }

        RepeatedElements.Report(parent, once, again =>
            examination.Report(AtomRules.ElementRepeated, again, again.LocalName, name)
        );
        foreach (var child in parent.Children.Where(child => child.Namespace == FeedNamespaces.Atom))
            ExamineChild(child);
        ExamineAlternates(parent);
    }

    private void ExamineChild(SourceElement child)
    {
        switch (child.LocalName)
        {
            case "id" when !string.IsNullOrWhiteSpace(child.Text) && !LinkResolver.IsAbsolute(child.Text):
                examination.Report(AtomRules.IdNotIri, child.TextPlace, child.Text);
                break;
            case "updated" or "published":
                ExamineDate(child);
                break;
            case "author" or "contributor" when !Own(child, "name").Any(name => !string.IsNullOrWhiteSpace(name.Text)):
                examination.Report(AtomRules.PersonNameMissing, child, child.LocalName);
                break;
            case "link" when string.IsNullOrWhiteSpace(child.Attribute("href")):
                examination.Report(AtomRules.LinkHrefMissing, child);
                break;
            case "category" when string.IsNullOrWhiteSpace(child.Attribute("term")):
                examination.Report(AtomRules.CategoryTermMissing, child);
                break;
            case "title" or "subtitle" or "rights" or "summary" or "content":
                ExamineText(child);
                break;
        }
    }

    private void ExamineDate(SourceElement element)
    {
        var text = element.Text.Trim();
        if (text.Length == 0)
            return;
        if (Rfc3339DateParser.ParseStrict(text) is not { } date)
            examination.Report(AtomRules.DateInvalid, element.TextPlace, text);
        else if (date > examination.Now.AddHours(1))
            examination.Report(SharedRules.DateInFuture, element.TextPlace, text);
    }

    private void ExamineText(SourceElement element)
    {
        var type = element.Attribute("type");
        var isContent = element.LocalName == "content";
        var isKnown =
            type is null or "text" or "html" or "xhtml" || (isContent && type.Contains('/', StringComparison.Ordinal));
        if (!isKnown)
            examination.Report(AtomRules.TextType, element, type!);
        if (type == "xhtml" && !element.Of(FeedNamespaces.Xhtml, "div").Any())
            examination.Report(AtomRules.XhtmlDivMissing, element);
        if (type == "html")
            TextExaminer.ExamineHtml(examination, element);
    }

    private void ExamineAlternates(SourceElement parent)
    {
        var seen = new HashSet<string>();
        foreach (var link in Own(parent, "link").Where(link => link.Attribute("rel") is null or "alternate"))
        {
            if (!seen.Add(link.Attribute("type") + "|" + link.Attribute("hreflang")))
                examination.Report(AtomRules.AlternateRepeated, link);
        }
    }
}
