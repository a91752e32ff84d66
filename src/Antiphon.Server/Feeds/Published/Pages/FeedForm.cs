using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Data.Feeds;

namespace Antiphon.Server.Feeds.Published.Pages;

/// <summary>One of the forms in which a feed is published.</summary>
/// <param name="Suffix">Ending of its address.</param>
/// <param name="Name">Its name, for people.</param>
/// <param name="ContentType">What it is served as.</param>
/// <param name="Write">Writes it.</param>
/// <param name="IsOn">Whether a feed is published in it.</param>
internal sealed record FeedForm(
    string Suffix,
    string Name,
    string ContentType,
    Func<Feed, byte[]> Write,
    Func<FeedSettings, bool> IsOn
)
{
    /// <summary>All of them, the most widely read first.</summary>
    public static IReadOnlyList<FeedForm> All { get; } =
    [
        new(".rss", "RSS", FeedMediaTypes.InUtf8(FeedFormat.Rss), RssWriter.Write, settings => settings.AsRss),
        new(".atom", "Atom", FeedMediaTypes.InUtf8(FeedFormat.Atom), AtomWriter.Write, settings => settings.AsAtom),
        new(".json", "JSON Feed", FeedMediaTypes.InUtf8(FeedFormat.JsonFeed), WriteJson, settings => settings.AsJson),
    ];

    // JSON Feed knows no archives, but a next page with older entries, which the newest archive is.
    private static byte[] WriteJson(Feed feed) =>
        JsonFeedWriter.Write(
            feed with
            {
                Paging = feed.Paging with { Next = feed.Paging.Next ?? feed.Paging.PreviousArchive },
            }
        );
}
