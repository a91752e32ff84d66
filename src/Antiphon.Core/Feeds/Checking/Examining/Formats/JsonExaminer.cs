using System.Text.Json;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Reading.Json;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of JSON Feed 1.0 and 1.1.</summary>
internal sealed class JsonExaminer(Examination examination)
{
    private const string VersionStart = "https://jsonfeed.org/version/";
    private readonly HashSet<string> _ids = new(StringComparer.Ordinal);

    /// <summary>Examines the whole document.</summary>
    public void Examine(JsonNode root)
    {
        var version = JsonFeedReader.VersionOf(root);
        var members = new JsonMemberExaminer(examination, isOld: version is "1" or "1.0");
        members.Examine(root, JsonVocabulary.Feed);
        foreach (var name in (string[])["version", "title", "items"])
            Require(root, name, JsonRules.MemberMissing, JsonVocabulary.Feed);
        ExamineVersion(root, version);
        Require(root, "home_page_url", JsonValueRules.HomeMissing, JsonVocabulary.Feed);
        Require(root, "feed_url", JsonRules.FeedUrlMissing, JsonVocabulary.Feed);
        if (root.String("next_url") is { } next && next == root.String("feed_url"))
            examination.Report(JsonDetailRules.NextIsSelf, root.Member("next_url")!);
        ExamineHubs(root, members);
        ExamineAuthors(root, version, members);
        ExamineItems(root, version, members);
    }

    // A member whose name is only misspelt was told as such.
    private void Require(JsonNode owner, string name, CheckRule rule, IReadOnlyList<MemberSpec> members)
    {
        if (owner.Member(name) is null && !owner.Members.Any(member => IsMisspelt(member.Name, name, members)))
            examination.Report(rule, owner, name);
    }

    private static bool IsMisspelt(string written, string name, IReadOnlyList<MemberSpec> members) =>
        members.All(member => member.Name != written)
        && written
            .Replace("_", string.Empty, StringComparison.Ordinal)
            .Equals(name.Replace("_", string.Empty, StringComparison.Ordinal), StringComparison.OrdinalIgnoreCase);

    private void ExamineVersion(JsonNode root, string? version)
    {
        if (
            root.Member("version") is not { Kind: JsonValueKind.String } member
            || string.IsNullOrWhiteSpace(member.Text)
        )
            return;
        if (version is not ("1" or "1.0" or "1.1"))
            examination.Report(JsonRules.VersionUnknown, member, member.Text);
        else if (member.Text is not (VersionStart + "1" or VersionStart + "1.0" or VersionStart + "1.1"))
            examination.Report(JsonValueRules.VersionScheme, member, member.Text, VersionStart + version);
    }

    private void ExamineHubs(JsonNode root, JsonMemberExaminer members)
    {
        foreach (var hub in Entries(root, "hubs", "hub"))
        {
            members.Examine(hub, JsonVocabulary.Hub);
            foreach (var name in (string[])["type", "url"])
                Require(hub, name, JsonDetailRules.HubIncomplete, JsonVocabulary.Hub);
        }
    }

    private void ExamineAuthors(JsonNode owner, string? version, JsonMemberExaminer members)
    {
        var old = owner.Member("author");
        if (old is not null && version == "1.1")
            examination.Report(JsonRules.AuthorOutdated, old);
        foreach (
            var author in Entries(owner, "authors", "author").Concat(old?.Kind == JsonValueKind.Object ? [old] : [])
        )
        {
            members.Examine(author, JsonVocabulary.Author);
            if (author.String("name") is null && author.String("url") is null && author.String("avatar") is null)
                examination.Report(JsonDetailRules.AuthorEmpty, author);
        }
    }

    // What should be an object and is none is told once, by its kind.
    private IEnumerable<JsonNode> Entries(JsonNode owner, string list, string name)
    {
        foreach (var entry in owner.Member(list)?.Items ?? [])
        {
            if (entry.Kind == JsonValueKind.Object)
                yield return entry;
            else
                examination.Report(JsonRules.WrongType, entry, name, JsonMemberExaminer.Word(entry.Kind), "an object");
        }
    }

    private void ExamineItems(JsonNode root, string? version, JsonMemberExaminer members)
    {
        var items = root.Member("items")?.Items ?? [];
        if (items.Count == 0 && root.Member("items") is { Kind: JsonValueKind.Array })
            examination.Report(Finding.Overall(SharedRules.NoEntries));
        foreach (var item in items)
        {
            if (item.Kind != JsonValueKind.Object)
            {
                examination.Report(JsonValueRules.ItemNotObject, item, JsonMemberExaminer.Word(item.Kind));
                continue;
            }

            members.Examine(item, JsonVocabulary.Item);
            ExamineAuthors(item, version, members);
            ExamineItem(item, members);
        }
    }

    private void ExamineItem(JsonNode item, JsonMemberExaminer members)
    {
        Require(item, "id", JsonRules.MemberMissing, JsonVocabulary.Item);
        if (item.Member("id") is { Text.Length: > 0 } id && !_ids.Add(id.Text))
            examination.Report(JsonRules.IdDuplicate, id, id.Text);
        if (item.Member("content_html") is null && item.Member("content_text") is null)
            examination.Report(JsonRules.ContentMissing, item);
        ExamineTexts(item);
        var published = ExamineDate(item.Member("date_published"));
        if (item.Member("date_published") is null)
            examination.Report(JsonValueRules.DateMissing, item);
        if (ExamineDate(item.Member("date_modified")) < published)
            examination.Report(JsonValueRules.Order, item.Member("date_modified")!);
        foreach (var tag in item.Member("tags")?.Items ?? [])
        {
            if (tag.Kind != JsonValueKind.String)
                examination.Report(JsonDetailRules.TagNotText, tag, JsonMemberExaminer.Word(tag.Kind));
            else if (string.IsNullOrWhiteSpace(tag.Text))
                examination.Report(JsonValueRules.Empty, tag, "tags");
        }

        foreach (var file in Entries(item, "attachments", "attachment"))
        {
            members.Examine(file, JsonVocabulary.Attachment);
            foreach (var name in (string[])["url", "mime_type"])
                Require(file, name, JsonRules.AttachmentIncomplete, JsonVocabulary.Attachment);
            if (file.String("mime_type") is { } type && !MediaTypeForm.IsValid(type))
                examination.Report(JsonValueRules.MediaType, file.Member("mime_type")!, type);
        }
    }

    private void ExamineTexts(JsonNode item)
    {
        if (item.Member("content_html") is { Kind: JsonValueKind.String } html)
            new HtmlExaminer(examination, html.Text, _ => html, hasBase: false).Examine();
        foreach (var name in (string[])["title", "summary", "content_text"])
        {
            if (item.Member(name) is { Kind: JsonValueKind.String } text && ValueTests.FirstTag(text.Text) is { } tag)
                examination.Report(HtmlRules.InPlainText, text, name, tag);
        }
    }

    private DateTimeOffset? ExamineDate(JsonNode? date)
    {
        if (date?.Kind != JsonValueKind.String || string.IsNullOrWhiteSpace(date.Text))
            return null;
        if (Rfc3339DateParser.ParseStrict(date.Text.ToUpperInvariant()) is not { } instant)
        {
            examination.Report(JsonRules.DateInvalid, date, date.Text);
            return null;
        }

        DateBounds.Examine(examination, instant, date, date.Text);
        return instant;
    }
}
