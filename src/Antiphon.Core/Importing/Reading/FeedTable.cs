using System.Globalization;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Importing.Reading;

/// <summary>The entries of a feed as a table.</summary>
public static class FeedTable
{
    /// <summary>
    /// The table; every entry is a row, but for comments: entries that say what they answer (RFC 4685, 3), as archives
    /// hold them beside the posts.
    /// </summary>
    public static ImportTable Of(Feed feed) =>
        ImportTable.Of(feed.Items.Where(item => item.RepliesTo.Count == 0).Select(RecordOf));

    private static Dictionary<string, string> RecordOf(FeedItem item)
    {
        var record = UsualOf(item);
        foreach (var field in FieldsInFeeds.Read(item.Extensions))
            record.TryAdd(field.Key, field.Value);
        return record;
    }

    private static Dictionary<string, string> UsualOf(FeedItem item) =>
        new(StringComparer.OrdinalIgnoreCase)
        {
            ["title"] = item.Title ?? string.Empty,
            ["text"] = item.ContentHtml ?? item.Summary ?? string.Empty,
            ["summary"] = item.ContentHtml is null ? string.Empty : item.Summary ?? string.Empty,
            ["date"] = (item.Published ?? item.Updated)?.ToString(
                "yyyy-MM-dd'T'HH:mm:sszzz",
                CultureInfo.InvariantCulture
            ) ?? string.Empty,
            ["author"] = item.Authors.Count > 0 ? item.Authors[0].Name ?? string.Empty : string.Empty,
            ["categories"] = string.Join(", ", item.Categories),
            ["picture"] = item.Image ?? string.Empty,
            ["link"] = item.Link ?? string.Empty,
            ["id"] = item.Id ?? string.Empty,
        };
}
