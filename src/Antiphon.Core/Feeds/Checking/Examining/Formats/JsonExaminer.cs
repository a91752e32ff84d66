using System.Text.Json;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Reading.Json;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of JSON Feed 1.1.</summary>
internal sealed class JsonExaminer(Examination examination)
{
    private static readonly (string Name, JsonValueKind Kind)[] TopMembers =
    [
        ("version", JsonValueKind.String),
        ("title", JsonValueKind.String),
        ("home_page_url", JsonValueKind.String),
        ("feed_url", JsonValueKind.String),
        ("description", JsonValueKind.String),
        ("icon", JsonValueKind.String),
        ("favicon", JsonValueKind.String),
        ("language", JsonValueKind.String),
        ("authors", JsonValueKind.Array),
        ("hubs", JsonValueKind.Array),
        ("items", JsonValueKind.Array),
    ];

    private static readonly (string Name, JsonValueKind Kind)[] ItemMembers =
    [
        ("id", JsonValueKind.String),
        ("url", JsonValueKind.String),
        ("external_url", JsonValueKind.String),
        ("title", JsonValueKind.String),
        ("content_html", JsonValueKind.String),
        ("content_text", JsonValueKind.String),
        ("summary", JsonValueKind.String),
        ("image", JsonValueKind.String),
        ("date_published", JsonValueKind.String),
        ("date_modified", JsonValueKind.String),
        ("authors", JsonValueKind.Array),
        ("tags", JsonValueKind.Array),
        ("attachments", JsonValueKind.Array),
    ];

    private readonly HashSet<string> _ids = new(StringComparer.Ordinal);

    /// <summary>Examines the whole document.</summary>
    public void Examine(JsonNode root)
    {
        foreach (var name in (string[])["version", "title", "items"])
        {
            if (root.Member(name) is null)
                examination.Report(JsonRules.MemberMissing, root, name);
        }

        if (
            root.Member("version") is { Kind: JsonValueKind.String } version
            && JsonFeedReader.VersionOf(root) is not ("1" or "1.0" or "1.1")
        )
        {
            examination.Report(JsonRules.VersionUnknown, version, version.Text);
        }

        ReportTypes(root, TopMembers);
        ReportAddresses(root, "home_page_url", "feed_url", "icon", "favicon");
        if (root.Member("feed_url") is null)
            examination.Report(JsonRules.FeedUrlMissing, root);
        if (root.Member("author") is { } author && JsonFeedReader.VersionOf(root) == "1.1")
            examination.Report(JsonRules.AuthorOutdated, author);
        var items = root.Objects("items").ToList();
        if (items.Count == 0)
            examination.Report(Finding.Overall(SharedRules.NoEntries));
        foreach (var item in items)
            ExamineItem(item);
    }

    private void ExamineItem(JsonNode item)
    {
        var id = item.Member("id");
        if (id is null)
            examination.Report(JsonRules.MemberMissing, item, "id");
        else if (!_ids.Add(id.Text))
            examination.Report(JsonRules.IdDuplicate, id, id.Text);
        if (item.Member("content_html") is null && item.Member("content_text") is null)
            examination.Report(JsonRules.ContentMissing, item);
        ReportTypes(item, ItemMembers);
        ReportAddresses(item, "url", "external_url", "image");
        foreach (var name in (string[])["date_published", "date_modified"])
            ExamineDate(item.Member(name));
        foreach (var file in item.Objects("attachments"))
        {
            foreach (var name in (string[])["url", "mime_type"])
            {
                if (file.String(name) is null)
                    examination.Report(JsonRules.AttachmentIncomplete, file, name);
            }
        }
    }

    private void ExamineDate(JsonNode? date)
    {
        if (date?.Kind != JsonValueKind.String)
            return;
        if (Rfc3339DateParser.ParseStrict(date.Text.Trim()) is not { } instant)
            examination.Report(JsonRules.DateInvalid, date, date.Text);
        else if (instant > examination.Now.AddHours(1))
            examination.Report(SharedRules.DateInFuture, date, date.Text);
    }

    private void ReportTypes(JsonNode owner, (string Name, JsonValueKind Kind)[] members)
    {
        foreach (var (name, kind) in members)
        {
            if (owner.Member(name) is { } member && member.Kind != kind)
                examination.Report(JsonRules.WrongType, member, name, Word(member.Kind), Word(kind));
        }
    }

    private void ReportAddresses(JsonNode owner, params string[] names)
    {
        foreach (var name in names)
        {
            if (owner.Member(name) is { Kind: JsonValueKind.String } member && !LinkResolver.IsAbsolute(member.Text))
            {
                examination.Report(SharedRules.LinkNotAbsolute, member, member.Text);
            }
        }
    }

    private static string Word(JsonValueKind kind) =>
        kind switch
        {
            JsonValueKind.True or JsonValueKind.False => "truth value",
            JsonValueKind.Null => "null",
            _ => kind.ToString().ToLowerInvariant(),
        };
}
