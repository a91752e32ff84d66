using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of Atom 1.0 (RFC 4287).</summary>
internal sealed class AtomExaminer(Examination examination)
{
    private readonly HashSet<string> _versions = new(StringComparer.Ordinal);
    private readonly AtomTextExaminer _texts = new(examination);

    /// <summary>Examines a feed or entry document.</summary>
    public void Examine(SourceElement root)
    {
        if (root.WrittenNamespace.Length == 0)
            examination.Report(AtomStructureRules.NamespaceMissing, root);
        var isEntry = root.LocalName.Equals("entry", StringComparison.OrdinalIgnoreCase);
        var vocabulary = AtomVocabulary.Of(root.LocalName);
        new VocabularyExaminer(examination, vocabulary, element => element.Namespace == FeedNamespaces.Atom).Examine(
            root,
            vocabulary.Root
        );
        if (isEntry)
        {
            ExamineContainer(root);
            ExamineEntry(root, null);
            return;
        }

        ExamineContainer(root);
        if (!Own(root, "link").Any(link => link.Attribute("rel") == "self"))
            examination.Report(AtomRules.SelfLinkMissing, root);
        var entries = Own(root, "entry").ToList();
        if (entries.Count == 0)
            examination.Report(Finding.Overall(SharedRules.NoEntries));
        foreach (var entry in entries)
        {
            ExamineContainer(entry);
            ExamineEntry(entry, root);
        }

        ExamineUpdated(root, entries);
        HistoryExaminer.Examine(examination, root);
    }

    private static IEnumerable<SourceElement> Own(SourceElement parent, string name) =>
        parent.Of(FeedNamespaces.Atom, name);

    private static SourceElement? First(SourceElement parent, string name) => Own(parent, name).FirstOrDefault();

    private void ExamineEntry(SourceElement entry, SourceElement? feed)
    {
        var hasAuthor =
            Own(entry, "author").Any()
            || (feed is not null && Own(feed, "author").Any())
            || Own(entry, "source").Any(source => Own(source, "author").Any());
        if (!hasAuthor)
            examination.Report(AtomRules.AuthorMissing, entry);
        var hasAlternate = Own(entry, "link").Any(link => link.Attribute("rel") is null or "alternate");
        if (!hasAlternate && !Own(entry, "content").Any())
            examination.Report(AtomRules.AlternateMissing, entry);
        ExamineId(entry, feed);
        if (First(entry, "title") is { Children.Count: 0 } title && string.IsNullOrWhiteSpace(title.Text))
            examination.Report(AtomStructureRules.TitleEmpty, title);
        if (
            PublishedDateParser.Parse(First(entry, "updated")?.Text)
            < PublishedDateParser.Parse(First(entry, "published")?.Text)
        )
            examination.Report(AtomDetailRules.UpdatedBeforePublished, First(entry, "updated")!.TextPlace);
        if (First(entry, "source") is { } source)
            ExamineSource(source);
        if (First(entry, "content") is { } content)
            _texts.ExamineContent(content, entry);
    }

    private void ExamineId(SourceElement entry, SourceElement? feed)
    {
        if (First(entry, "id") is not { } id || string.IsNullOrWhiteSpace(id.Text))
            return;
        if (feed is not null && First(feed, "id")?.Text.Trim() == id.Text.Trim())
            examination.Report(AtomStructureRules.IdShared, id.TextPlace, id.Text);
        else if (!_versions.Add(id.Text.Trim() + " " + First(entry, "updated")?.Text.Trim()))
            examination.Report(AtomRules.IdDuplicate, id.TextPlace, id.Text);
    }

    private void ExamineSource(SourceElement source)
    {
        foreach (var name in (string[])["id", "title", "updated"])
        {
            if (First(source, name) is null)
                examination.Report(AtomStructureRules.SourceIncomplete, source, name);
        }

        ExamineContainer(source);
    }

    /// <summary>Examines the ids, dates, links and texts of Atom that stand in an element.</summary>
    public void ExamineParts(SourceElement parent)
    {
        foreach (var child in parent.Children.Where(child => child.Namespace == FeedNamespaces.Atom))
        {
            switch (child.LocalName)
            {
                case "id" when IsNotNormal(child.Text.Trim()):
                    examination.Report(AtomStructureRules.IdNotNormal, child.TextPlace, child.Text);
                    break;
                case "updated" or "published":
                    ExamineDate(child);
                    break;
                case "link":
                    ExamineLink(child);
                    break;
                case "title" or "subtitle" or "rights" or "summary":
                    _texts.ExamineText(child);
                    break;
            }
        }
    }

    // How many pages there may be of one kind is said of feeds and entries of Atom alone (RFC 4287 §4.1.1, §4.1.2).
    private void ExamineContainer(SourceElement parent)
    {
        ExamineParts(parent);
        ExamineAlternates(parent);
    }

    // Only an address of the web has a form that can be told from outside.
    private static bool IsNotNormal(string id) =>
        LinkResolver.IsWeb(id)
        && id.IndexOf("://", StringComparison.Ordinal) is var at and > 0
        && (
            id.AsSpan(0, at).ContainsAnyInRange('A', 'Z')
            || Host(id, at).Any(char.IsAsciiLetterUpper)
            || Host(id, at).EndsWith(":80", StringComparison.Ordinal)
        );

    private static string Host(string id, int at) => id[(at + 3)..].Split('/', '?', '#')[0];

    private void ExamineDate(SourceElement element)
    {
        var text = element.Text.Trim();
        if (text.Length == 0 || element.Children.Count > 0)
            return;
        if (Rfc3339DateParser.ParseStrict(text.ToUpperInvariant()) is not { } date)
        {
            examination.Report(AtomRules.DateInvalid, element.TextPlace, text);
            return;
        }

        if (text.Any(char.IsAsciiLetterLower))
            examination.Report(AtomStructureRules.DateForm, element.TextPlace, text);
        else if (text.Length != element.Text.Length)
            examination.Report(AtomStructureRules.DateSpace, element.TextPlace, text);
        DateBounds.Examine(examination, date, element.TextPlace, text);
    }

    private void ExamineLink(SourceElement link)
    {
        var relation = link.Attribute("rel");
        if (relation is not null && relation.Trim().Length == 0)
            examination.Report(AtomStructureRules.RelationEmpty, link);
        else if (relation is not null && !LinkRelations.IsKnown(relation))
            examination.Report(AtomStructureRules.RelationUnknown, link, relation);
        if (relation == "hub" && link.Attribute("href") is { Length: > 0 } hub && HasOtherScheme(hub))
            examination.Report(AddressRules.Unsuited, link, hub);
        if (relation == "enclosure" && link.Attribute("length") is null)
            examination.Report(AtomStructureRules.EnclosureLength, link);
        if (
            relation == "self"
            && link.Attribute("href") is { Length: > 0 } href
            && !LinkResolver.IsAbsolute(href)
            && !TextExaminer.HasBase(link)
        )
            examination.Report(AtomStructureRules.SelfRelative, link, href);
    }

    // A hub is asked by HTTP (WebSub §5.1).
    private static bool HasOtherScheme(string address) =>
        LinkResolver.IsAbsolute(address) && !LinkResolver.IsWeb(address);

    private void ExamineAlternates(SourceElement parent)
    {
        var seen = new HashSet<string>();
        foreach (
            var link in Own(parent, "link")
                .Where(link => link.Attribute("rel") is null or "alternate" && link.Attribute("href") is not null)
        )
        {
            if (!seen.Add(link.Attribute("type") + "|" + link.Attribute("hreflang")))
                examination.Report(AtomRules.AlternateRepeated, link);
        }
    }

    private void ExamineUpdated(SourceElement feed, List<SourceElement> entries)
    {
        var newest = entries
            .Select(entry => PublishedDateParser.Parse(First(entry, "updated")?.Text))
            .Where(date => date <= examination.Now)
            .Max();
        // What is written like no date has been told as such.
        if (
            First(feed, "updated") is { } updated
            && newest > Rfc3339DateParser.ParseStrict(updated.Text.Trim().ToUpperInvariant())?.AddMinutes(1)
        )
            examination.Report(AtomStructureRules.UpdatedOld, updated.TextPlace, updated.Text);
    }
}
