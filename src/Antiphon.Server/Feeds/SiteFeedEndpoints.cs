using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds;

/// <summary>/api/sites/{site}/feeds.</summary>
internal static class SiteFeedEndpoints
{
    /// <summary>Maps the list of our feeds.</summary>
    public static void MapSiteFeeds(this RouteGroupBuilder site) => site.MapGet("/feeds", ListFeeds).WithTags("Feeds").WithName("listFeeds");

    private static async Task<Ok<List<OwnFeedView>>> ListFeeds(long site, AntiphonContext database, IOptions<AntiphonOptions> options)
    {
        var rows = await database.Blogs.Where(blog => blog.SiteId == site).OrderBy(blog => blog.Id)
            .Select(blog => new { blog.Id, blog.Name, blog.Key, IsFollowed = blog.Following != null, Posts = database.Posts.Count(post => post.BlogId == blog.Id && post.Status == PostStatus.Published) }).ToListAsync();
        string Address(string key, string suffix) => options.Value.AddressOf($"feeds/{key}{suffix}");
        return TypedResults.Ok(rows.Select(row => new OwnFeedView(
            row.Id, row.Name, Address(row.Key, ".rss"), Address(row.Key, ".atom"), Address(row.Key, ".json"), Math.Min(row.Posts, BlogFeed.Length), row.IsFollowed)).ToList());
    }
}
