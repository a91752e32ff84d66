using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Checking.Examining;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Values;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Vocabulary;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Repair.Json;

/// <summary>Repairs the items of JSON Feed.</summary>
internal sealed class JsonItemRepair(JsonMemberRepair members, Action<string, string> note, Uri? home, bool isOld)
{
    private readonly HashSet<string> _ids = new(StringComparer.Ordinal);
    private readonly Dictionary<string, int> _same = new(StringComparer.Ordinal);

    /// <summary>Repairs all items of a feed.</summary>
    public void Run(JsonObject feed) => JsonList.Sift(feed, (JsonArray)feed["items"]!, Item);

    // A text alone is the item's text.
    private JsonNode? Item(JsonNode? entry)
    {
        if (entry is JsonObject item)
            members.Repair(item, JsonVocabulary.Item);
        else
        {
            note(JsonValueRules.ItemNotObject.Id, "Wrote an item as an object, or took it out where it says nothing");
            if (entry?.GetValueKind() is not (JsonValueKind.String or JsonValueKind.Number))
                return null;
            item = new JsonObject { ["content_text"] = entry.ToString() };
        }

        Repair(item);
        return item;
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

    // The same item gets the same id at every repair; of several that say the same each gets its own.
    private string NameOf(JsonObject item)
    {
        var words = $"{item["title"]}\n{item["date_published"]}\n{item["content_text"]}{item["content_html"]}";
        string id;
        do
        {
            var number = _same[words] = _same.GetValueOrDefault(words) + 1;
            id = StableName.Of(number == 1 ? words : $"{words}\n{number}");
        } while (!_ids.Add(id));
        return id;
    }

    private void RepairTags(JsonObject item)
    {
        if (item["tags"] is not JsonArray tags)
            return;
        JsonList.Sift(item, tags, Tag);
    }

    private JsonNode? Tag(JsonNode? tag)
    {
        switch (tag?.GetValueKind())
        {
            case JsonValueKind.String when !string.IsNullOrWhiteSpace(tag.ToString()):
                return tag;
            case JsonValueKind.String:
                note(JsonValueRules.Empty.Id, "Took out an empty tag");
                return null;
            case JsonValueKind.Number or JsonValueKind.True or JsonValueKind.False:
                note(JsonDetailRules.TagNotText.Id, $"Wrote the tag {tag} as text");
                return JsonValue.Create(tag.ToString());
            default:
                note(JsonDetailRules.TagNotText.Id, "Took out a tag that is no text");
                return null;
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

        foreach (var name in (string[])["title", "summary", "content_text"])
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
        JsonList.Sift(item, files, File);
        if (files.Count == 0)
            item.Remove("attachments");
    }

    private JsonNode? File(JsonNode? entry)
    {
        if (entry is not JsonObject file)
        {
            note(JsonRules.WrongType.Id, "Took out an attachment that is none");
            return null;
        }

        members.Repair(file, JsonVocabulary.Attachment);
        if (file["url"] is null)
        {
            note(JsonRules.AttachmentIncomplete.Id, "Took out an attachment without an address");
            return null;
        }

        var type = file["mime_type"]?.ToString();
        if (type is not null && MediaTypeForm.IsValid(type))
            return file;
        var right = (type is null ? null : MediaTypes.OfWord(type))
            ?? MediaTypes.OfAddress(file["url"]!.ToString())
            ?? "application/octet-stream";
        file["mime_type"] = right;
        note(
            type is null ? JsonRules.AttachmentIncomplete.Id : JsonValueRules.MediaType.Id,
            $"Said that an attachment is {right}"
        );
        return file;
    }
}
