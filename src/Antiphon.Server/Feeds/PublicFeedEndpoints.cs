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
        app.MapMethods("/feeds/{key}.rss", ["GET", "HEAD"], (string key, HttpContext http, BlogFeed feeds) => AnswerAsync(key, ".rss", "application/rss+xml; charset=utf-8", RssWriter.Write, http, feeds)).ExcludeFromDescription();
        app.MapMethods("/feeds/{key}.atom", ["GET", "HEAD"], (string key, HttpContext http, BlogFeed feeds) => AnswerAsync(key, ".atom", "application/atom+xml; charset=utf-8", AtomWriter.Write, http, feeds)).ExcludeFromDescription();
        app.MapMethods("/feeds/{key}.json", ["GET", "HEAD"], (string key, HttpContext http, BlogFeed feeds) => AnswerAsync(key, ".json", "application/feed+json; charset=utf-8", JsonFeedWriter.Write, http, feeds)).ExcludeFromDescription();
    }

    private static async Task<IResult> AnswerAsync(string key, string suffix, string contentType, Func<Feed, byte[]> write, HttpContext http, BlogFeed feeds)
    {
        if (await feeds.ReadAsync(key, suffix, http.RequestAborted) is not { } feed) return TypedResults.Text("There is no feed at this address.", statusCode: StatusCodes.Status404NotFound);
        var bytes = write(feed);
        var headers = http.Response.Headers;
        headers.CacheControl = "public, max-age=60, stale-while-revalidate=600";
        headers.AccessControlAllowOrigin = "*";
        var tag = new EntityTagHeaderValue($"\"{Convert.ToHexStringLower(SHA256.HashData(bytes).AsSpan(0, 12))}\"");
        // Whole seconds, as the header has no finer ones; the framework answers 304 to either validator.
        var modified = feed.Updated is { } date ? DateTimeOffset.FromUnixTimeSeconds(date.ToUnixTimeSeconds()) : (DateTimeOffset?)null;
        return TypedResults.Bytes(bytes, contentType, lastModified: modified, entityTag: tag);
    }
}
