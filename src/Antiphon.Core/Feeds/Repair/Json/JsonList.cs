using System.Text.Json.Nodes;

namespace Antiphon.Core.Feeds.Repair.Json;

/// <summary>Goes through lists of JSON Feed.</summary>
internal static class JsonList
{
    /// <summary>
    /// Judges every entry of a list once. What is taken out and says something is kept in the extension of the owner.
    /// </summary>
    /// <param name="owner">The object the list is of.</param>
    /// <param name="list">The list.</param>
    /// <param name="judge">Gives what stays in an entry's place; null to take it out.</param>
    public static void Sift(JsonObject owner, JsonArray list, Func<JsonNode?, JsonNode?> judge)
    {
        var entries = list.ToList();
        list.Clear();
        foreach (var entry in entries)
        {
            if (judge(entry) is { } right)
                list.Add(right);
            else if (SaysSomething(entry))
                TakenOut(owner).Add(entry);
        }
    }

    private static bool SaysSomething(JsonNode? entry) =>
        entry is not (null or JsonObject { Count: 0 })
        && (entry is not JsonValue value || !string.IsNullOrWhiteSpace(value.ToString()));

    private static JsonArray TakenOut(JsonObject owner)
    {
        if (owner[JsonMemberRepair.Kept] is not JsonObject kept)
            owner[JsonMemberRepair.Kept] = kept = [];
        if (kept["taken_out"] is not JsonArray taken)
            kept["taken_out"] = taken = [];
        return taken;
    }
}
