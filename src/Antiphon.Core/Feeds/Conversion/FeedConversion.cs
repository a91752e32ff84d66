using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Core.Feeds.Conversion;

/// <summary>Gives a feed in another format, and says what the format could not carry.</summary>
public static class FeedConversion
{
    /// <summary>The feed written as RSS 2.0, Atom 1.0 or JSON Feed 1.1; RDF asks for RSS 2.0.</summary>
    public static ConvertedFeed Convert(Feed feed, FeedFormat to) =>
        to switch
        {
            FeedFormat.Atom => new ConvertedFeed(AtomWriter.Write(feed), FeedMediaTypes.InUtf8(to), LossOf(feed, to)),
            FeedFormat.JsonFeed => new ConvertedFeed(
                JsonFeedWriter.Write(feed),
                FeedMediaTypes.InUtf8(to),
                LossOf(feed, to)
            ),
            _ => new ConvertedFeed(RssWriter.Write(feed), FeedMediaTypes.InUtf8(FeedFormat.Rss), LossOf(feed, to)),
        };

    /// <summary>
    /// A feed that was checked, in another format: what could not be read of it is told as lost as well, and where it
    /// came from is named as its source, since another format is no longer what stands at its address.
    /// </summary>
    /// <param name="result">The check of the document; it must be a feed.</param>
    /// <param name="to">The format.</param>
    public static ConvertedFeed Convert(FeedCheckResult result, FeedFormat to)
    {
        var feed = result.Format == to ? result.Feed! : Moved(result.Feed!, result.Format!.Value);
        var converted = Convert(feed, to);
        return converted with { Lost = [.. UnreadValues.Of(result.Findings), .. converted.Lost] };
    }

    private static Feed Moved(Feed feed, FeedFormat from) =>
        feed.FeedLink is null
            ? feed
            : feed with
            {
                FeedLink = null,
                Links = [.. feed.Links, new RelatedLink("via", feed.FeedLink, FeedMediaTypes.Of(from))],
            };

    /// <summary>What the feed says and the format cannot, with how often; empty when nothing is lost.</summary>
    public static IReadOnlyList<LostValue> LossOf(Feed feed, FeedFormat to) =>
        [
            .. CarriedValues
                .All.Where(value => value.In(to) is null)
                .Select(value => new LostValue(value.Name, value.Values(feed).Count))
                .Where(lost => lost.Count > 0),
        ];

    /// <summary>The page of the guide that lists what goes where, as Markdown.</summary>
    public static string Page()
    {
        var page = new StringBuilder(
            "# From one format of feeds to another\n\nMade from the table that the conversion itself uses. A dash means that the format has no place for it; the conversion then says so, with how often.\n"
        );
        Append(page, "The feed", CarriedValues.OfFeed);
        Append(page, "Its entries", CarriedValues.OfItems);
        return page.ToString();
    }

    private static void Append(StringBuilder page, string title, IEnumerable<CarriedValue> values)
    {
        page.Append("\n## ")
            .Append(title)
            .Append("\n\n| what | RSS 2.0 | Atom 1.0 | JSON Feed 1.1 |\n|---|---|---|---|\n");
        foreach (var value in values)
            page.Append("| ")
                .Append(value.Name)
                .Append(" | ")
                .Append(Cell(value.Rss))
                .Append(" | ")
                .Append(Cell(value.Atom))
                .Append(" | ")
                .Append(Cell(value.Json))
                .Append(" |\n");
    }

    private static string Cell(string? place) =>
        place switch
        {
            null => "–",
            "as they are" => place,
            _ => $"`{place}`",
        };
}
