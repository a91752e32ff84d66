using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Rules.Json;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>Repairs JSON Feed.</summary>
internal static partial class JsonRepair
{
    private const string Version = "https://jsonfeed.org/version/1.1";

    private static readonly JsonSerializerOptions Written = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>The corrected text; null when it is no JSON.</summary>
    public static string? Run(string text, FeedCheckOptions options, List<RepairChange> changes)
    {
        void Note(string rule, string description) => changes.Add(new RepairChange(null, rule, description));
        // Half of a character is no text to any parser (RFC 8259 §8.2).
        var whole = HalfCharacter().Replace(text, "\\ufffd");
        if (
            JsonTree.Parse(whole, name =>
                Note(DocumentRules.JsonNotWellFormed.Id, $"Kept the last of the members named {name}")
            )
            is not JsonObject feed
        )
            return null;
        if (whole != text)
            Note(
                DocumentRules.JsonNotWellFormed.Id,
                "Put a sign for what cannot be read where half of a character stood"
            );
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
        foreach (var item in (feed["items"] as JsonArray ?? []).OfType<JsonObject>())
            RepairItem(item, Note);
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
            if (item[name] is not JsonValue value || DateRepair.Rfc3339(value.ToString()) is not { } right)
                continue;
            note(JsonRules.DateInvalid.Id, $"Wrote the date “{value}” as {right}");
            item[name] = right;
        }

        MoveAuthor(item, note);
    }

    private static void MoveAuthor(JsonObject owner, Action<string, string> note)
    {
        if (owner["author"] is not JsonObject author || owner["authors"] is not null)
            return;
        owner.Remove("author");
        owner["authors"] = new JsonArray(author);
        note(JsonRules.AuthorOutdated.Id, "Wrote the author as a list of authors");
    }

    private static string? Host(JsonNode? address) =>
        LinkResolver.IsWeb(address?.ToString()) ? new Uri(address!.ToString()).Host : null;

    // An escaped low half without its high half before it, or a high half without its low half behind it.
    [GeneratedRegex(
        @"\\u[dD][89abAB][0-9a-fA-F]{2}(?!\\u[dD][c-fC-F][0-9a-fA-F]{2})|(?<!\\u[dD][89abAB][0-9a-fA-F]{2})\\u[dD][c-fC-F][0-9a-fA-F]{2}"
    )]
    private static partial Regex HalfCharacter();
}
