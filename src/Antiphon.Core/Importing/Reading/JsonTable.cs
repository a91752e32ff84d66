using System.Text.Json;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Importing.Reading;

/// <summary>
/// Reads an array of objects (RFC 8259), alone or as a member of an object. Objects within become columns
/// "author.name", lists become one value.
/// </summary>
public static class JsonTable
{
    private const int Deepest = 3;

    /// <summary>The table; null when the text is no JSON or holds no objects.</summary>
    public static ImportTable? Read(string text)
    {
        try
        {
            using var document = JsonDocument.Parse(
                text,
                new JsonDocumentOptions
                {
                    AllowTrailingCommas = true,
                    CommentHandling = JsonCommentHandling.Skip,
                    MaxDepth = 64,
                }
            );
            return ListIn(document.RootElement) is { } list ? ImportTable.Of(list.Select(RecordOf)) : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    private static IEnumerable<JsonElement>? ListIn(JsonElement root)
    {
        if (root.ValueKind == JsonValueKind.Array)
            return Objects(root);
        if (root.ValueKind != JsonValueKind.Object)
            return null;
        // The longest list of objects is the posts; others are authors or terms.
        return root.EnumerateObject()
            .Where(member => member.Value.ValueKind == JsonValueKind.Array)
            .Select(member => Objects(member.Value))
            .OfType<IReadOnlyList<JsonElement>>()
            .MaxBy(list => list.Count);
    }

    private static IReadOnlyList<JsonElement>? Objects(JsonElement array)
    {
        var items = array.EnumerateArray().Where(item => item.ValueKind == JsonValueKind.Object).ToList();
        return items.Count == 0 ? null : items;
    }

    private static Dictionary<string, string> RecordOf(JsonElement item)
    {
        var record = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        Fill(record, string.Empty, item, 0);
        return record;
    }

    private static void Fill(Dictionary<string, string> record, string path, JsonElement item, int depth)
    {
        foreach (var member in item.EnumerateObject())
        {
            var name = path.Length == 0 ? member.Name : $"{path}.{member.Name}";
            if (member.Value.ValueKind == JsonValueKind.Object && depth < Deepest)
                Fill(record, name, member.Value, depth + 1);
            else
                record[name] = ValueOf(member.Value);
        }
    }

    private static string ValueOf(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.String => value.GetString()!,
            JsonValueKind.Null => string.Empty,
            JsonValueKind.Array => string.Join(
                ", ",
                value.EnumerateArray().Select(NameIn).Where(text => text.Length > 0)
            ),
            _ => value.GetRawText(),
        };

    // A list of objects, as of tags, is a list of their names.
    private static string NameIn(JsonElement item)
    {
        if (item.ValueKind != JsonValueKind.Object)
            return ValueOf(item);
        foreach (var name in (string[])["name", "title", "label", "slug", "url"])
        {
            if (item.TryGetProperty(name, out var value))
                return ValueOf(value);
        }

        return item.GetRawText();
    }
}
