using System.Security.Cryptography;
using Antiphon.Core.Feeds.Following;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Server.Feeds.Published.Lists;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;
using Microsoft.Net.Http.Headers;

namespace Antiphon.Server.Feeds.Published;

/// <summary>/feeds: everything we publish for programs to follow.</summary>
internal static class PublicFeedEndpoints
{
    private static readonly string[] Reading = ["GET", "HEAD"];

    /// <summary>Maps our feeds in every form, and the list of them.</summary>
    public static void MapPublicFeeds(this WebApplication app)
    {
        foreach (var form in FeedForm.All)
        {
            Map(app, "/feeds/{key}" + form.Suffix, (key, _, narrowing) =>
                new FeedAsked(FeedSubject.Blog, key, form) { Narrowing = narrowing }
            );
            Map(app, "/feeds/{key}/{archive:int:min(1)}" + form.Suffix, (key, http, narrowing) =>
                new FeedAsked(FeedSubject.Blog, key, form)
                {
                    Narrowing = narrowing,
                    Archive = int.Parse(Route(http, "archive"), System.Globalization.CultureInfo.InvariantCulture),
                }
            );
            Map(app, "/feeds/listings/{key}" + form.Suffix, (key, _, _) =>
                new FeedAsked(FeedSubject.Listing, key, form)
            );
            Map(app, "/feeds/comments/{key}" + form.Suffix, (key, _, _) =>
                new FeedAsked(FeedSubject.Comments, key, form)
            );
            Map(app, "/feeds/comments/{key}/{post}" + form.Suffix, (key, http, _) =>
                new FeedAsked(FeedSubject.Comments, key, form) { Post = Route(http, "post") }
            );
        }

        app.MapMethods("/feeds/site/{key}.opml", Reading, ListAsync).ExcludeFromDescription().ForAnybody();
    }

    private static void Map(
        WebApplication app,
        string path,
        Func<string, HttpContext, FeedNarrowing, FeedAsked> asked
    ) =>
        app.MapMethods(
                path,
                Reading,
                (
                    string key,
                    [AsParameters] FeedNarrowing narrowing,
                    HttpContext http,
                    OwnFeedReader feeds,
                    IOptions<AntiphonOptions> options
                ) => AnswerAsync(asked(key, http, narrowing), http, feeds, options.Value)
            )
            .ExcludeFromDescription()
            .ForAnybody();

    private static string Route(HttpContext http, string name) => (string)http.Request.RouteValues[name]!;

    private static async Task<IResult> AnswerAsync(
        FeedAsked asked,
        HttpContext http,
        OwnFeedReader feeds,
        AntiphonOptions options
    )
    {
        if (await feeds.ReadAsync(asked, http.RequestAborted) is not { } found)
            return TypedResults.Text("There is no feed at this address.", statusCode: StatusCodes.Status404NotFound);
        http.Response.Headers.AccessControlAllowOrigin = "*";
        if (found.Settings.RedirectTo is { } elsewhere)
            return TypedResults.Redirect(elsewhere, permanent: true);
        // A form that was switched off may come back, so that its address is not taken from anybody.
        if (!asked.Form.IsOn(found.Settings))
            return TypedResults.Redirect(
                options.AddressOf(asked.PathOf(FeedForm.All.First(form => form.IsOn(found.Settings)), asked.Archive))
            );
        // By header as well, so that subscribers need not read the feed to find them (WebSub, 4).
        if (found.Feed.Hubs.Count > 0)
            http.Response.Headers.Link = string.Join(
                ", ",
                [$"<{found.Feed.FeedLink}>; rel=\"self\"", .. found.Feed.Hubs.Select(hub => $"<{hub}>; rel=\"hub\"")]
            );
        http.Response.Headers.Vary = "Accept";
        return FeedPage.IsAskedForBy(http.Request)
            ? FeedPage.Of(found.Feed)
            : Answer(http, asked.Form.Write(found.Feed), asked.Form.ContentType, found.Feed.Updated);
    }

    /// <summary>Bytes that any cache may keep, with both validators.</summary>
    internal static IResult Answer(HttpContext http, byte[] bytes, string contentType, DateTimeOffset? updated)
    {
        var headers = http.Response.Headers;
        headers.CacheControl = "public, max-age=60, stale-while-revalidate=600";
        headers.AccessControlAllowOrigin = "*";
        var tag = new EntityTagHeaderValue($"\"{Convert.ToHexStringLower(SHA256.HashData(bytes).AsSpan(0, 12))}\"");
        // Whole seconds, as the header has no finer ones; the framework answers 304 to either validator.
        var modified = updated is { } date
            ? DateTimeOffset.FromUnixTimeSeconds(date.ToUnixTimeSeconds())
            : (DateTimeOffset?)null;
        return TypedResults.Bytes(bytes, contentType, lastModified: modified, entityTag: tag);
    }

    private static async Task<IResult> ListAsync(
        string key,
        HttpContext http,
        AntiphonContext database,
        OwnFeedList feeds,
        PostAddresses addresses
    )
    {
        if (
            await database.Sites.AsNoTracking().FirstOrDefaultAsync(row => row.PublicKey == key, http.RequestAborted)
            is not { } site
        )
            return TypedResults.NotFound();
        var listed = await feeds.ReadAsync(site.Id, http.RequestAborted);
        var outlines = listed
            .Where(feed => feed.Settings.RedirectTo is null)
            .Select(feed => new OpmlOutline(
                feed.BlogName,
                feed.Settings.AsRss ? feed.Rss
                    : feed.Settings.AsAtom ? feed.Atom
                    : feed.Json,
                feed.PageAddress
            ))
            .ToList();
        return Answer(http, OpmlWriter.Write($"Feeds of {site.Name}", outlines), "text/x-opml; charset=utf-8", null);
    }
}
