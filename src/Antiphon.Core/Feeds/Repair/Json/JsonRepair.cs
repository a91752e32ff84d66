using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Checking.Examining.Formats;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Rules.Json;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Feeds.Vocabulary;

namespace Antiphon.Core.Feeds.Repair.Json;

/// <summary>Repairs JSON Feed.</summary>
internal static class JsonRepair
{
    private const string Start = "https://jsonfeed.org/version/";

    private static readonly JsonSerializerOptions Written = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>The corrected text; null when it is no JSON.</summary>
    public static string? Run(string text, FeedCheckOptions options, List<RepairChange> changes)
    {
        void Note(string rule, string description) => changes.Add(new RepairChange(null, rule, description));
        var before = changes.Count;
        if (Parsed(text, Note) is not { } feed)
            return null;
        var home = Web(feed, "home_page_url") ?? options.Address ?? Web(feed, "feed_url");
        var members = new JsonMemberRepair(Note, home);
        members.Repair(feed, JsonVocabulary.Feed);
        if (feed["feed_url"] is null && options.Address is not null)
        {
            feed["feed_url"] = options.Address.AbsoluteUri;
            Note(JsonRules.FeedUrlMissing.Id, "Named the feed's own address");
        }

        if (feed["title"] is null && (home ?? options.Address)?.Host is { Length: > 0 } host)
        {
            feed["title"] = host;
            Note(JsonRules.MemberMissing.Id, "There was no title: named the feed after its site");
        }

        if (feed["items"] is null)
        {
            feed["items"] = new JsonArray();
            Note(JsonRules.MemberMissing.Id, "There were no items: said that the list is empty");
        }

        if (feed["next_url"]?.ToString() is { } next && next == feed["feed_url"]?.ToString())
        {
            feed.Remove("next_url");
            Note(JsonDetailRules.NextIsSelf.Id, "Left out next_url, which is the feed itself");
        }

        var isOld = feed["version"]?.ToString() is Start + "1" or Start + "1.0";
        JsonPeopleRepair.Authors(feed, isOld, members, Note);
        JsonPeopleRepair.Hubs(feed, members, Note);
        new JsonItemRepair(members, Note, home, isOld).Run(feed);
        RepairVersion(feed, Note);
        return changes.Count == before ? text : feed.ToJsonString(Written) + "\n";
    }

    private static Uri? Web(JsonObject feed, string name) =>
        feed[name]?.ToString() is { } address && LinkResolver.IsWeb(address) ? new Uri(address) : null;

    private static JsonObject? Parsed(string text, Action<string, string> note)
    {
        // Half of a character is no text to any parser (RFC 8259 §8.2).
        var whole = JsonEscapeExaminer.Half().Replace(text, "${before}");
        if (whole != text)
            note(JsonValueRules.HalfCharacter.Id, "Left out half of a character");
        void Twice(string name) => note(JsonValueRules.MemberTwice.Id, $"Kept the last of the members named {name}");
        if (JsonSource.Parse(whole).Break is null)
            return JsonTree.Parse(whole, Twice) as JsonObject;
        var (mended, mends) = JsonMender.Mend(whole);
        foreach (var mend in mends.DistinctBy(mend => mend.Slip))
            note(DocumentRules.JsonNotWellFormed.Id, $"Put right {mend.Slip}");
        return JsonTree.Parse(mended, Twice) as JsonObject;
    }

    private static bool IsNewer(JsonObject owner) => owner["authors"] is not null || owner["language"] is not null;

    private static void RepairVersion(JsonObject feed, Action<string, string> note)
    {
        var version = feed["version"]?.ToString();
        var number = version?.TrimEnd('/').Split('/')[^1];
        if (version is Start + "1" or Start + "1.0" or Start + "1.1")
        {
            // What came with 1.1 says that it is 1.1.
            var isNewer = ((JsonArray)feed["items"]!).OfType<JsonObject>().Prepend(feed).Any(IsNewer);
            if (version == Start + "1.1" || !isNewer)
                return;
            feed["version"] = Start + "1.1";
            note(JsonValueRules.Newer.Id, "Said that it is JSON Feed 1.1");
            return;
        }

        var isNearly =
            version?.Contains("jsonfeed.org/version/", StringComparison.OrdinalIgnoreCase) == true
            && number is "1" or "1.0" or "1.1";
        if (isNearly && ((JsonArray)feed["items"]!).OfType<JsonObject>().Prepend(feed).Any(IsNewer))
            number = "1.1";
        feed["version"] = Start + (isNearly ? number : "1.1");
        var rule =
            version is null ? JsonRules.MemberMissing
            : isNearly ? JsonValueRules.VersionScheme
            : JsonRules.VersionUnknown;
        note(rule.Id, $"Said that it is JSON Feed {(isNearly ? number : "1.1")}");
    }
}
