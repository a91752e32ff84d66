using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Repair.Json;

/// <summary>Repairs authors and hubs of JSON Feed.</summary>
internal static class JsonPeopleRepair
{
    /// <summary>
    /// Authors as a list of objects, each of which says something. An old feed names one, and may go on with it.
    /// </summary>
    public static void Authors(JsonObject owner, bool isOld, JsonMemberRepair members, Action<string, string> note)
    {
        if (!isOld && owner["author"] is JsonObject author)
        {
            owner.Remove("author");
            if (owner["authors"] is not JsonArray several)
                owner["authors"] = new JsonArray(author);
            else if (!several.Any(other => JsonNode.DeepEquals(other, author)))
                several.Add(author);
            note(JsonRules.AuthorOutdated.Id, "Wrote the author as a list of authors");
        }

        if (owner["authors"] is not JsonArray authors)
            return;
        foreach (var entry in authors.ToList())
        {
            if (entry is JsonObject person)
            {
                members.Repair(person, JsonVocabulary.Author);
                if (person["name"] is null && person["url"] is null && person["avatar"] is null)
                    Drop(
                        owner,
                        authors,
                        person,
                        JsonDetailRules.AuthorEmpty.Id,
                        "Took out an author of whom nothing is said",
                        note
                    );
            }
            else if (entry?.GetValueKind() == JsonValueKind.String)
            {
                authors[authors.IndexOf(entry)] = new JsonObject { ["name"] = entry.ToString() };
                note(JsonRules.WrongType.Id, "Wrote the name of an author as an object");
            }
            else
                Drop(owner, authors, entry, JsonRules.WrongType.Id, "Took out an author that is none", note);
        }

        if (authors.Count == 0)
            owner.Remove("authors");
    }

    /// <summary>Hubs with type and address; one without an address is none.</summary>
    public static void Hubs(JsonObject feed, JsonMemberRepair members, Action<string, string> note)
    {
        if (feed["hubs"] is not JsonArray hubs)
            return;
        foreach (var entry in hubs.ToList())
        {
            if (entry is not JsonObject hub)
            {
                Drop(feed, hubs, entry, JsonRules.WrongType.Id, "Took out a hub that is none", note);
                continue;
            }

            members.Repair(hub, JsonVocabulary.Hub);
            if (hub["url"] is null)
                Drop(feed, hubs, hub, JsonDetailRules.HubIncomplete.Id, "Took out a hub without an address", note);
            else if (hub["type"] is null)
            {
                hub["type"] = "WebSub";
                note(JsonDetailRules.HubIncomplete.Id, "Said that a hub is of WebSub");
            }
        }

        if (hubs.Count == 0)
            feed.Remove("hubs");
    }

    /// <summary>Takes an entry out of a list; what it says is kept in the extension of its owner.</summary>
    public static void Drop(
        JsonObject owner,
        JsonArray list,
        JsonNode? entry,
        string rule,
        string done,
        Action<string, string> note
    )
    {
        var at = list.IndexOf(entry);
        list.RemoveAt(at);
        var saysNothing =
            entry is null or JsonObject { Count: 0 }
            || (entry is JsonValue value && string.IsNullOrWhiteSpace(value.ToString()));
        if (!saysNothing)
        {
            var kept = owner["_kept"] as JsonObject ?? [];
            var taken = kept["taken_out"] as JsonArray ?? [];
            taken.Add(entry!.DeepClone());
            kept["taken_out"] = taken.Parent is null ? taken : taken.DeepClone();
            owner["_kept"] = kept.Parent is null ? kept : kept.DeepClone();
        }

        note(rule, done);
    }
}
