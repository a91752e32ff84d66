using System.Security.Cryptography;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Writing;
using Microsoft.Net.Http.Headers;

namespace Antiphon.Server.Feeds;

/// <summary>/feeds/{key}.rss, .atom and .json.</summary>
internal static class PublicFeedEndpoints
{
    /// <summary>Maps our feeds.</summary>
    public static void MapPublicFeeds(this WebApplication app)
    {
        Map(app, ".rss", "application/rss+xml; charset=utf-8", RssWriter.Write);
        Map(app, ".atom", "application/atom+xml; charset=utf-8", AtomWriter.Write);
        Map(app, ".json", "application/feed+json; charset=utf-8", JsonFeedWriter.Write);
    }

    private static void Map(WebApplication app, string suffix, string contentType, Func<Feed, byte[]> write) => app.MapMethods(
        "/feeds/{key}" + suffix, ["GET", "HEAD"], (string key, [AsParameters] FeedNarrowing narrowing, HttpContext http, BlogFeed feeds) => AnswerAsync(key, narrowing, new FeedForm(suffix, contentType, write), http, feeds)).ExcludeFromDescription();

    private static async Task<IResult> AnswerAsync(string key, FeedNarrowing narrowing, FeedForm form, HttpContext http, BlogFeed feeds)
    {
        if (await feeds.ReadAsync(key, form.Suffix, narrowing, http.RequestAborted) is not { } feed) return TypedResults.Text("There is no feed at this address.", statusCode: StatusCodes.Status404NotFound);
        var headers = http.Response.Headers;
        headers.Vary = "Accept";
        if (FeedPage.IsAskedForBy(http.Request)) return FeedPage.Of(feed);
        var bytes = form.Write(feed);
        headers.CacheControl = "public, max-age=60, stale-while-revalidate=600";
        headers.AccessControlAllowOrigin = "*";
        var tag = new EntityTagHeaderValue($"\"{Convert.ToHexStringLower(SHA256.HashData(bytes).AsSpan(0, 12))}\"");
        // Whole seconds, as the header has no finer ones; the framework answers 304 to either validator.
        var modified = feed.Updated is { } date ? DateTimeOffset.FromUnixTimeSeconds(date.ToUnixTimeSeconds()) : (DateTimeOffset?)null;
        return TypedResults.Bytes(bytes, form.ContentType, lastModified: modified, entityTag: tag);
    }

    /// <summary>One of the forms in which a feed is published.</summary>
    private sealed record FeedForm(string Suffix, string ContentType, Func<Feed, byte[]> Write);
}
