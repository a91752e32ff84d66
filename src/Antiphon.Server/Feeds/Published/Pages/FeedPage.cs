using Antiphon.Core.Feeds.Model;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Feeds.Published.Pages;

/// <summary>What a person sees who opens a feed in a browser: what it is, how to follow it, and its entries.</summary>
internal static class FeedPage
{
    private static readonly string[] FeedTypes =
    [
        "application/rss+xml",
        "application/atom+xml",
        "application/feed+json",
        "application/json",
        "text/xml",
    ];

    /// <summary>
    /// True for a browser's own request: it asks for a page by name, which programs that read feeds do not, or not
    /// alone.
    /// </summary>
    public static bool IsAskedForBy(HttpRequest request)
    {
        var accept = request.Headers.Accept.ToString();
        return accept.Contains("text/html", StringComparison.OrdinalIgnoreCase)
            && !FeedTypes.Any(type => accept.Contains(type, StringComparison.OrdinalIgnoreCase));
    }

    /// <summary>The page.</summary>
    public static IResult Of(Feed feed)
    {
        var texts = FeedPageTexts.For(feed.Language ?? "en");
        var entries = feed.Items.Select(item =>
            $"<li><a href=\"{Encoded.Html(item.Link)}\">{Encoded.Html(item.Title)}</a><p class=\"byline\">{(item.Published is { } date ? Encoded.Html(SiteCulture.LongDate(date, feed.Language ?? "en", "Etc/UTC")) : string.Empty)}</p></li>"
        );
        return PublicPage.Html(
            feed.Title ?? texts.Feed,
            $"<p>{Encoded.Html(texts.What)}</p><p>{Encoded.Html(texts.How)}</p><p><input readonly value=\"{Encoded.Html(feed.FeedLink)}\" size=\"60\" aria-label=\"{Encoded.Html(texts.Feed)}\" style=\"max-width:100%;font:16px monospace;padding:.4em\"></p><ul class=\"index\">{string.Concat(entries)}</ul>",
            language: feed.Language ?? "en",
            above: $"<p class=\"kicker\"><a href=\"{Encoded.Html(feed.Link)}\">{Encoded.Html(feed.Title)}</a> · {Encoded.Html(texts.Feed)}</p>"
        );
    }
}
