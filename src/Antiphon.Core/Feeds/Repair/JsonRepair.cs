using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Checking.Rules;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Repairs JSON Feed.</summary>
internal static class JsonRepair
{
    private const string Version = "https://jsonfeed.org/version/1.1";

    private static readonly JsonSerializerOptions Written = new() { WriteIndented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    /// <summary>The corrected text; null when it is no JSON.</summary>
    public static string? Run(string text, FeedCheckOptions options, List<RepairChange> changes)
    {
        if (Parse(text) is not JsonObject feed) return null;
        void Note(string rule, string description) => changes.Add(new RepairChange(null, rule, description));
        if (feed["version"]?.ToString().Contains("jsonfeed.org/version/", StringComparison.Ordinal) != true)
        {
            feed["version"] = Version;
            Note(JsonRules.VersionUnknown.Id, "Said that it is JSON Feed 1.1");
        }

        if (feed["feed_url"] is null && options.Address is not null)
        {
            feed["feed_url"] = options.Address.AbsoluteUri;
            Note(JsonRules.FeedUrlMissing.Id, "Named the feed's own address");
        }

        if (feed["title"] is null && (Host(feed["home_page_url"]) ?? options.Address?.Host) is { } host)
        {
            feed["title"] = host;
            Note(JsonRules.MemberMissing.Id, "There was no title: named the feed after its site");
        }

        MoveAuthor(feed, Note);
        foreach (var item in (feed["items"] as JsonArray ?? []).OfType<JsonObject>()) RepairItem(item, Note);
        return changes.Count == 0 ? text : feed.ToJsonString(Written) + "\n";
    }

    private static void RepairItem(JsonObject item, Action<string, string> note)
    {
        if (item["id"] is JsonValue id && id.GetValueKind() == JsonValueKind.Number)
        {
            item["id"] = id.ToString();
            note(JsonRules.WrongType.Id, $"Wrote the id {id} as text");
        }

        if (item["id"] is null && (item["url"] ?? item["external_url"])?.ToString() is { Length: > 0 } address)
        {
            item["id"] = address;
            note(JsonRules.MemberMissing.Id, "Gave an item its address as id");
        }

        foreach (var name in (string[])["date_published", "date_modified"])
        {
            if (item[name] is not JsonValue value || DateRepair.Rfc3339(value.ToString()) is not { } right) continue;
            note(JsonRules.DateInvalid.Id, $"Wrote the date “{value}” as {right}");
            item[name] = right;
        }

        MoveAuthor(item, note);
    }

    private static void MoveAuthor(JsonObject owner, Action<string, string> note)
    {
        if (owner["author"] is not JsonObject author || owner["authors"] is not null) return;
        owner.Remove("author");
        owner["authors"] = new JsonArray(author);
        note(JsonRules.AuthorOutdated.Id, "Wrote the author as a list of authors");
    }

    private static string? Host(JsonNode? address) => LinkResolver.IsWeb(address?.ToString()) ? new Uri(address!.ToString()).Host : null;

    private static JsonNode? Parse(string text)
    {
        try
        {
            return JsonNode.Parse(text, documentOptions: new JsonDocumentOptions { AllowTrailingCommas = true, CommentHandling = JsonCommentHandling.Skip });
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
