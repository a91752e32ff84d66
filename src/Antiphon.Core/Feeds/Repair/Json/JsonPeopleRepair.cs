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
        JsonList.Sift(owner, authors, entry => Author(entry, members, note));
        if (authors.Count == 0)
            owner.Remove("authors");
    }

    /// <summary>Hubs with type and address; one without an address is none.</summary>
    public static void Hubs(JsonObject feed, JsonMemberRepair members, Action<string, string> note)
    {
        if (feed["hubs"] is not JsonArray hubs)
            return;
        JsonList.Sift(feed, hubs, entry => Hub(entry, members, note));
        if (hubs.Count == 0)
            feed.Remove("hubs");
    }

    private static JsonNode? Author(JsonNode? entry, JsonMemberRepair members, Action<string, string> note)
    {
        if (entry?.GetValueKind() == JsonValueKind.String && !string.IsNullOrWhiteSpace(entry.ToString()))
        {
            note(JsonRules.WrongType.Id, "Wrote the name of an author as an object");
            return new JsonObject { ["name"] = entry.ToString() };
        }

        if (entry is not JsonObject person)
        {
            note(JsonRules.WrongType.Id, "Took out an author that is none");
            return null;
        }

        members.Repair(person, JsonVocabulary.Author);
        if (person["name"] is not null || person["url"] is not null || person["avatar"] is not null)
            return person;
        note(JsonDetailRules.AuthorEmpty.Id, "Took out an author of whom nothing is said");
        return null;
    }

    private static JsonNode? Hub(JsonNode? entry, JsonMemberRepair members, Action<string, string> note)
    {
        if (entry is not JsonObject hub)
        {
            note(JsonRules.WrongType.Id, "Took out a hub that is none");
            return null;
        }

        members.Repair(hub, JsonVocabulary.Hub);
        if (hub["url"] is null)
        {
            note(JsonDetailRules.HubIncomplete.Id, "Took out a hub without an address");
            return null;
        }

        if (hub["type"] is null)
        {
            hub["type"] = "WebSub";
            note(JsonDetailRules.HubIncomplete.Id, "Said that a hub is of WebSub");
        }

        return hub;
    }
}
