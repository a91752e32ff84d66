using System.Text.Json;
using Antiphon.Core.Html;
using Antiphon.Data;
using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Posts.Pages;

/// <summary>/previews/{key}: a post before it is public, for whoever has the address.</summary>
internal static class PreviewPageEndpoints
{
    /// <summary>Maps the page.</summary>
    public static void MapPreviews(this WebApplication app) => app.MapGet("/previews/{key}", Show).ExcludeFromDescription();

    private static async Task<IResult> Show(
        string key, HttpContext http, AntiphonContext database, PostPageReader reader, PostAddresses addresses, IOptions<AntiphonOptions> options, IOptions<JsonOptions> json, TimeProvider clock)
    {
        var now = clock.GetUtcNow();
        var link = await database.PreviewLinks.AsNoTracking().FirstOrDefaultAsync(one => one.Key == key && one.ExpiresAt > now, http.RequestAborted);
        var post = link is null ? null : await database.Posts.AsNoTracking().Include(one => one.Blog.Site).Include(one => one.Blog.Following).FirstOrDefaultAsync(one => one.Id == link.PostId, http.RequestAborted);
        if (post is null) return PublicPage.Message("This preview is over", "Ask whoever sent the address for a new one.", StatusCodes.Status410Gone);
        if (await database.WaitingChanges.AsNoTracking().FirstOrDefaultAsync(one => one.PostId == post.Id, http.RequestAborted) is { } waiting && JsonSerializer.Deserialize<PostRequest>(waiting.Content, json.Value.SerializerOptions) is { } change)
        {
            (post.Title, post.BodyHtml, post.Excerpt, post.PictureAddress, post.PictureAlt) = (change.Title, HtmlCleaner.ForPosts.Clean(change.BodyHtml), change.Excerpt, change.PictureAddress, change.PictureAlt);
        }

        http.Response.Headers.CacheControl = "private, no-store";
        return PostPageMarkup.Page(await reader.ReadAsync(post, isPreview: true, http.RequestAborted), addresses, options.Value);
    }
}
