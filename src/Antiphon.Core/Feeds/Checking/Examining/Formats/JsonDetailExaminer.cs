using System.Text.Json;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules about the finer parts of JSON Feed.</summary>
internal sealed class JsonDetailExaminer(Examination examination)
{
    private static readonly HashSet<string> TopMembers =
    [
        "version",
        "title",
        "home_page_url",
        "feed_url",
        "description",
        "user_comment",
        "next_url",
        "icon",
        "favicon",
        "author",
        "authors",
        "language",
        "expired",
        "hubs",
        "items",
    ];

    private static readonly HashSet<string> ItemMembers =
    [
        "id",
        "url",
        "external_url",
        "title",
        "content_html",
        "content_text",
        "summary",
        "image",
        "banner_image",
        "date_published",
        "date_modified",
        "author",
        "authors",
        "tags",
        "language",
        "attachments",
    ];

    /// <summary>Examines the whole document.</summary>
    public void Examine(JsonNode root)
    {
        ReportUnknown(root, TopMembers);
        if (root.String("next_url") is { } next && next == root.String("feed_url"))
            examination.Report(JsonDetailRules.NextIsSelf, root.Member("next_url")!);
        foreach (
            var (hub, name) in root.Objects("hubs")
                .SelectMany(hub =>
                    new[] { "type", "url" }.Where(name => hub.String(name) is null).Select(name => (hub, name))
                )
        )
            examination.Report(JsonDetailRules.HubIncomplete, hub, name);
        ExamineAuthors(root);
        ExamineLanguage(root);
        foreach (var item in root.Objects("items"))
        {
            ReportUnknown(item, ItemMembers);
            ExamineAuthors(item);
            ExamineLanguage(item);
            foreach (var tag in item.Member("tags")?.Items.Where(tag => tag.Kind != JsonValueKind.String) ?? [])
                examination.Report(JsonDetailRules.TagNotText, tag, tag.Kind.ToString().ToLowerInvariant());
        }
    }

    private void ExamineAuthors(JsonNode owner)
    {
        foreach (
            var author in owner
                .Objects("authors")
                .Where(author =>
                    author.String("name") is null && author.String("url") is null && author.String("avatar") is null
                )
        )
            examination.Report(JsonDetailRules.AuthorEmpty, author);
    }

    private void ExamineLanguage(JsonNode owner)
    {
        if (
            owner.Member("language") is { Kind: JsonValueKind.String } language
            && !ValueTests.IsLanguage(language.Text)
        )
            examination.Report(SharedRules.LanguageInvalid, language, language.Text);
    }

    private void ReportUnknown(JsonNode owner, HashSet<string> known)
    {
        foreach (
            var (name, member) in owner.Members.Where(member =>
                !known.Contains(member.Name) && !member.Name.StartsWith('_')
            )
        )
            examination.Report(JsonDetailRules.MemberUnknown, member, name);
    }
}
