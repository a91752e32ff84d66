using System.Text.Json;
using System.Text.Json.Nodes;

namespace Antiphon.Core.Feeds.Repair.Json;

/// <summary>
/// Parses JSON into a tree that can be changed, more kindly than the framework: commas too many and comments are passed
/// over, and of members named twice the last one counts, as to most parsers.
/// </summary>
internal static class JsonTree
{
    private static readonly JsonDocumentOptions Kindly = new()
    {
        AllowTrailingCommas = true,
        CommentHandling = JsonCommentHandling.Skip,
    };

    /// <summary>The tree, or null when the text is no JSON.</summary>
    /// <param name="text">The text.</param>
    /// <param name="twice">Told the name of every member that was given up for a later one.</param>
    public static JsonNode? Parse(string text, Action<string> twice)
    {
        try
        {
            using var document = JsonDocument.Parse(text, Kindly);
            return Copy(document.RootElement, twice);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    // Documents are parsed sixty-four levels deep and no deeper, so recursion is bounded.
    private static JsonNode? Copy(JsonElement element, Action<string> twice)
    {
        switch (element.ValueKind)
        {
            case JsonValueKind.Object:
                var members = new JsonObject();
                foreach (var member in element.EnumerateObject())
                {
                    if (members.Remove(member.Name))
                        twice(member.Name);
                    members.Add(member.Name, Copy(member.Value, twice));
                }

                return members;
            case JsonValueKind.Array:
                return new JsonArray([.. element.EnumerateArray().Select(item => Copy(item, twice))]);
            case JsonValueKind.Null:
                return null;
            default:
                return JsonValue.Create(element.Clone());
        }
    }
}
