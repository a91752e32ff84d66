using System.Globalization;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Conversion;

/// <summary>
/// Everything a feed can say, with its place in each format; the page of the guide and the losses of a conversion are
/// read from here.
/// </summary>
public static class CarriedValues
{
    /// <summary>What the feed says of itself.</summary>
    public static IReadOnlyList<CarriedValue> OfFeed { get; } =
    [
        new("Identifier of the feed", feed => [feed.Id], "atom:id", "id", null),
        new("Title", feed => [feed.Title], "title", "title", "title"),
        new("Description", feed => [feed.Description], "description", "subtitle", "description"),
        new("Page of the feed", feed => [feed.Link], "link", "link", "home_page_url"),
        new("Own address", feed => [feed.FeedLink], "atom:link rel=self", "link rel=self", "feed_url"),
        new("Language", feed => [feed.Language], "language", "xml:lang", "language"),
        new("Date of the last change", feed => [Date(feed.Updated)], "lastBuildDate", "updated", null),
        new("Date of publication", feed => [Date(feed.Published)], "pubDate", null, null),
        .. People("the feed", feed => feed.Authors, "dc:creator", "author"),
        new(
            "Helpers of the feed",
            feed => feed.Contributors.Select(person => person.Name),
            "atom:contributor",
            "contributor",
            null
        ),
        new("Licences", feed => feed.Licenses, "creativeCommons:license", "link rel=license", null),
        new("Other links of the feed", feed => feed.Links.Select(Link), "atom:link", "link", null),
        new("Rights", feed => [feed.Copyright], "copyright", "rights", null),
        new("Program that made it", feed => [feed.Generator], "generator", "generator", null),
        new("Picture", feed => [feed.Image?.Url], "image/url", "logo", "icon"),
        new("Title of the picture", feed => [feed.Image?.Title], "image/title", null, null),
        new(
            "Page the picture leads to",
            feed => [feed.Image?.Link == feed.Link ? null : feed.Image?.Link],
            "image/link",
            null,
            null
        ),
        new("Small picture", feed => [feed.Icon], "atom:icon", "icon", "favicon"),
        new("Categories of the feed", feed => feed.Categories, "category", "category", null),
        new("Hubs", feed => feed.Hubs, "atom:link rel=hub", "link rel=hub", "hubs"),
        new("Next page", feed => [feed.Paging.Next], "atom:link rel=next", "link rel=next", "next_url"),
        new(
            "Other pages and archives",
            feed =>
                [
                    feed.Paging.First,
                    feed.Paging.Previous,
                    feed.Paging.Last,
                    feed.Paging.Current,
                    feed.Paging.PreviousArchive,
                    feed.Paging.NextArchive,
                ],
            "atom:link",
            "link",
            null
        ),
        new(
            "Marks of archives and complete feeds",
            feed => [feed.Paging.IsArchive ? "archive" : null, feed.Paging.IsComplete ? "complete" : null],
            "fh:archive, fh:complete",
            "fh:archive, fh:complete",
            null
        ),
        new("How long a copy may be kept", feed => [feed.Rhythm.TimeToLive?.ToString()], "ttl", null, null),
        new(
            "Hours and days to skip",
            feed =>
                [
                    .. feed.Rhythm.SkipHours.Select(hour => Number(hour)),
                    .. feed.Rhythm.SkipDays.Select(day => day.ToString()),
                ],
            "skipHours, skipDays",
            null,
            null
        ),
        new(
            "How often it changes",
            feed => [feed.Rhythm.UpdateEvery?.ToString()],
            "sy:updatePeriod",
            "sy:updatePeriod",
            null
        ),
        .. Extensions("of the feed", feed => feed.Extensions),
    ];

    /// <summary>What it says of its entries.</summary>
    public static IReadOnlyList<CarriedValue> OfItems { get; } =
    [
        Each("Identifiers", item => [item.Id], "guid", "id", "id"),
        Each("Titles", item => [item.Title], "title", "title", "title"),
        Each("Markup of titles", item => [item.TitleHtml], null, "title type=html", null),
        Each("Pages", item => [item.Link], "link", "link", "url"),
        Each(
            "Pages elsewhere that entries are about",
            item => [item.ExternalLink == item.Link ? null : item.ExternalLink],
            "atom:link rel=related",
            "link rel=related",
            "external_url"
        ),
        Each("Short texts", item => [item.Summary], "description", "summary", "summary"),
        Each("Full texts", item => [item.ContentHtml], "content:encoded", "content", "content_html"),
        Each(
            "Dates of publication of entries",
            item => [Date(item.Published)],
            "pubDate",
            "published",
            "date_published"
        ),
        Each(
            "Dates of change of entries",
            item => [item.Updated == item.Published ? null : Date(item.Updated)],
            "atom:updated",
            "updated",
            "date_modified"
        ),
        .. People("entries", feed => feed.Items.SelectMany(item => item.Authors), "dc:creator", "author"),
        Each(
            "Helpers",
            item => item.Contributors.Select(person => person.Name),
            "atom:contributor",
            "contributor",
            null
        ),
        Each("Categories", item => item.Categories, "category", "category", "tags"),
        Each(
            "Attached files, and pictures, sounds and films with a media type",
            item =>
                item.Enclosures.Select(file => file.Url)
                    .Concat(item.Media.Where(media => media.Type is not null).Select(media => media.Url)),
            "enclosure, media:content",
            "link rel=enclosure, media:content",
            "attachments"
        ),
        Each(
            "Pictures, sounds and films without a media type",
            item => item.Media.Where(media => media.Type is null && media.Url != item.Image).Select(media => media.Url),
            "media:content",
            "media:content",
            null
        ),
        Each(
            "Pictures of entries",
            item => [item.Image],
            "media:content, media:thumbnail",
            "media:content, media:thumbnail",
            "image"
        ),
        Each(
            "Sizes, captions and credits of media",
            item =>
                item.Media.SelectMany(media =>
                    new[]
                    {
                        Number(media.Width),
                        Number(media.Height),
                        media.Description,
                        media.Thumbnail,
                        media.Credit,
                    }
                ),
            "media:content",
            "media:content",
            null
        ),
        Each("Pages with comments", item => [item.CommentsUrl], "comments", "link rel=replies", null),
        Each("Feeds of comments", item => [item.CommentsFeed], "wfw:commentRss", "link rel=replies", null),
        Each("Numbers of comments", item => [Number(item.CommentCount)], "thr:total", "thr:total", null),
        Each(
            "What entries answer",
            item => item.RepliesTo.SelectMany(reply => new[] { reply.Ref, reply.Link }),
            "thr:in-reply-to",
            "thr:in-reply-to",
            null
        ),
        Each(
            "Feeds that entries were taken from",
            item => item.SourceFeed is null ? [] : [item.Source, item.SourceFeed],
            "source",
            "source",
            null
        ),
        Each(
            "Feeds that entries were taken from, by title alone",
            item => item.SourceFeed is null ? [item.Source] : [],
            null,
            "source",
            null
        ),
        Each("Licences of entries", item => item.Licenses, "creativeCommons:license", "link rel=license", null),
        Each("Other links of entries", item => item.Links.Select(Link), "atom:link", "link", null),
        Each("Rights in entries", item => [item.Copyright], "dc:rights", "rights", null),
        Each("Languages of entries", item => [item.Language], "xml:lang", "xml:lang", "language"),
        Each(
            "Places",
            item => [item.Place is null ? null : Number(item.Place.Latitude) + " " + Number(item.Place.Longitude)],
            "georss:point",
            "georss:point",
            null
        ),
        .. Extensions("of entries", feed => feed.Items.SelectMany(item => item.Extensions)),
    ];

    /// <summary>All of it.</summary>
    public static IReadOnlyList<CarriedValue> All { get; } = [.. OfFeed, .. OfItems];

    private static CarriedValue Each(
        string name,
        Func<FeedItem, IEnumerable<string?>> of,
        string? rss,
        string? atom,
        string? json
    ) => new(name, feed => feed.Items.SelectMany(of), rss, atom, json);

    private static IEnumerable<CarriedValue> People(
        string whose,
        Func<Feed, IEnumerable<FeedPerson>> of,
        string rss,
        string atom
    ) =>
        [
            new(
                $"Names of the authors of {whose}",
                feed => of(feed).Select(person => person.Name),
                rss,
                atom + "/name",
                "authors/name"
            ),
            new(
                $"Mail addresses of the authors of {whose}",
                feed => of(feed).Select(person => person.Email),
                "atom:author/email",
                atom + "/email",
                null
            ),
            new(
                $"Pages of the authors of {whose}",
                feed => of(feed).Select(person => person.Url),
                "atom:author/uri",
                atom + "/uri",
                "authors/url"
            ),
        ];

    private static IEnumerable<CarriedValue> Extensions(string whose, Func<Feed, IEnumerable<FeedExtension>> of) =>
        [
            new(
                $"Elements of other namespaces {whose}",
                feed =>
                    of(feed)
                        .Where(feedExtension => feedExtension.Namespace is { Length: > 0 })
                        .Select(feedExtension => feedExtension.Namespace + feedExtension.Name),
                "as they are",
                "as they are",
                null
            ),
            new(
                $"Unknown elements of RSS {whose}",
                feed =>
                    of(feed)
                        .Where(feedExtension => feedExtension.Namespace is { Length: 0 })
                        .Select(feedExtension => feedExtension.Name),
                "as they are",
                null,
                null
            ),
            new(
                $"Members with an underscore {whose}",
                feed =>
                    of(feed)
                        .Where(feedExtension => feedExtension.IsJson)
                        .Select(feedExtension => feedExtension.Name + feedExtension.Raw),
                null,
                null,
                "as they are"
            ),
        ];

    private static string Link(RelatedLink link) =>
        $"{link.Relation} {link.Address} {link.Type} {link.Title} {link.Language}";

    private static string? Date(DateTimeOffset? date) =>
        date?.ToUnixTimeSeconds().ToString(CultureInfo.InvariantCulture);

    private static string? Number(IFormattable? number) => number?.ToString(null, CultureInfo.InvariantCulture);
}
