using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Checking.Examining;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Repair.Json;

/// <summary>Repairs the items of JSON Feed.</summary>
internal sealed class JsonItemRepair(JsonMemberRepair members, Action<string, string> note, Uri? home, bool isOld)
{
    private readonly HashSet<string> _ids = new(StringComparer.Ordinal);

    /// <summary>Repairs all items.</summary>
    public void Run(JsonArray items)
    {
        foreach (var entry in items.ToList())
        {
            if (entry is not JsonObject item)
            {
                Replace(items, entry);
                continue;
            }

            members.Repair(item, JsonVocabulary.Item);
            Repair(item);
        }
    }

    // A text alone is the item's text.
    private void Replace(JsonArray items, JsonNode? entry)
    {
        var at = items.IndexOf(entry);
        if (entry?.GetValueKind() is JsonValueKind.String or JsonValueKind.Number)
        {
            var item = new JsonObject { ["content_text"] = entry.ToString() };
            items[at] = item;
            Repair(item);
        }
        else
            items.RemoveAt(at);
        note(JsonValueRules.ItemNotObject.Id, "Wrote an item as an object, or left it out where it says nothing");
    }

    private void Repair(JsonObject item)
    {
        JsonPeopleRepair.Authors(item, isOld, members, note);
        RepairTags(item);
        RepairTexts(item);
        foreach (var name in (string[])["date_published", "date_modified"])
        {
            if (item[name]?.ToString() is not { } date || DateRepair.Rfc3339(date.Trim()) is not { } right)
                continue;
            note(JsonRules.DateInvalid.Id, $"Wrote the date “{date}” as {right}");
            item[name] = right;
        }

        RepairFiles(item);
        RepairId(item);
    }

    private void RepairId(JsonObject item)
    {
        var id = item["id"]?.ToString();
        var address = (item["url"] ?? item["external_url"])?.ToString();
        if (id is not null && _ids.Add(id))
            return;
        var right = !string.IsNullOrEmpty(address) && _ids.Add(address) ? address : NameOf(item);
        item["id"] = right;
        note(
            id is null ? JsonRules.MemberMissing.Id : JsonRules.IdDuplicate.Id,
            right == address ? "Gave an item its address as id" : "Gave an item an id made of its words"
        );
    }

    // The same item gets the same id at every repair.
    private string NameOf(JsonObject item)
    {
        var words = $"{item["title"]}\n{item["date_published"]}\n{item["content_text"]}{item["content_html"]}";
        for (var number = 0; ; number++)
        {
            var bytes = System.Security.Cryptography.SHA256.HashData(
                System.Text.Encoding.UTF8.GetBytes(words + (number == 0 ? string.Empty : $"\n{number}"))
            );
            var id = "urn:sha256:" + Convert.ToHexStringLower(bytes.AsSpan(0, 12));
            if (_ids.Add(id))
                return id;
        }
    }

    private void RepairTags(JsonObject item)
    {
        if (item["tags"] is not JsonArray tags)
            return;
        foreach (var tag in tags.ToList())
        {
            if (tag?.GetValueKind() is JsonValueKind.Number or JsonValueKind.True or JsonValueKind.False)
            {
                tags[tags.IndexOf(tag)] = tag.ToString();
                note(JsonDetailRules.TagNotText.Id, $"Wrote the tag {tag} as text");
            }
            else if (tag?.GetValueKind() != JsonValueKind.String)
                JsonPeopleRepair.Drop(
                    item,
                    tags,
                    tag,
                    JsonDetailRules.TagNotText.Id,
                    "Took out a tag that is no text",
                    note
                );
            else if (string.IsNullOrWhiteSpace(tag.ToString()))
                JsonPeopleRepair.Drop(item, tags, tag, JsonValueRules.Empty.Id, "Took out an empty tag", note);
        }
    }

    private void RepairTexts(JsonObject item)
    {
        if (item["content_html"]?.ToString() is { } html)
        {
            var address = LinkResolver.IsWeb(item["url"]?.ToString()) ? new Uri(item["url"]!.ToString()) : home;
            var right = TextRepair.Html(html, address, note);
            if (right != html)
                item["content_html"] = right;
        }

        if (
            item["content_text"]?.ToString() is { } text
            && ValueTests.FirstTag(text) is not null
            && item["content_html"] is null
        )
        {
            item.Remove("content_text");
            item["content_html"] = TextRepair.Html(text, home, note);
            note(HtmlRules.InPlainText.Id, "Wrote content_text as content_html, since it is HTML");
        }

        foreach (var name in (string[])["title", "summary"])
        {
            if (item[name]?.ToString() is not { } words || ValueTests.FirstTag(words) is null)
                continue;
            item[name] = System.Net.WebUtility.HtmlDecode(MarkupScan.WordsOf(words));
            note(HtmlRules.InPlainText.Id, $"Wrote {name} without its tags");
        }

        if (item["content_html"] is not null || item["content_text"] is not null)
            return;
        item["content_text"] = item["summary"]?.ToString() ?? item["title"]?.ToString() ?? string.Empty;
        note(JsonRules.ContentMissing.Id, "Gave an item its summary or title as text");
    }

    private void RepairFiles(JsonObject item)
    {
        if (item["attachments"] is not JsonArray files)
            return;
        foreach (var entry in files.ToList())
        {
            if (entry is not JsonObject file)
            {
                JsonPeopleRepair.Drop(
                    item,
                    files,
                    entry,
                    JsonRules.WrongType.Id,
                    "Took out an attachment that is none",
                    note
                );
                continue;
            }

            members.Repair(file, JsonVocabulary.Attachment);
            if (file["url"] is null)
            {
                JsonPeopleRepair.Drop(
                    item,
                    files,
                    file,
                    JsonRules.AttachmentIncomplete.Id,
                    "Took out an attachment without an address",
                    note
                );
                continue;
            }

            var type = file["mime_type"]?.ToString();
            if (type is not null && MediaTypeForm.IsValid(type))
                continue;
            var right = (type is null ? null : MediaTypes.OfWord(type))
                ?? MediaTypes.OfAddress(file["url"]!.ToString())
                ?? "application/octet-stream";
            file["mime_type"] = right;
            note(
                type is null ? JsonRules.AttachmentIncomplete.Id : JsonValueRules.MediaType.Id,
                $"Said that an attachment is {right}"
            );
        }

        if (files.Count == 0)
            item.Remove("attachments");
    }
}
