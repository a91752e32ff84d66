using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Referrals;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>/posts/{key}/{slug}: the page of a post for readers.</summary>
internal static class PublicPostEndpoints
{
    /// <summary>Maps the page.</summary>
    public static void MapPublicPosts(this WebApplication app) =>
        app.MapGet("/posts/{key}/{slug?}", ShowPost).ExcludeFromDescription().ForAnybody();

    private static async Task<IResult> ShowPost(
        string key,
        string? slug,
        HttpContext http,
        AntiphonContext database,
        PostPageReader reader,
        PostAddresses addresses,
        ArrivalCounting arrivals,
        IOptions<AntiphonOptions> options,
        TimeProvider clock
    )
    {
        var post = await database
            .Posts.IgnoreQueryFilters()
            .AsNoTracking()
            .Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .FirstOrDefaultAsync(row => row.Key == key, http.RequestAborted);
        if (
            post is null
            || post.Status is not (PostStatus.Published or PostStatus.Withdrawn)
            || post.PublishedAt > clock.GetUtcNow()
        )
            return PublicPage.Missing();
        if (post.Status == PostStatus.Withdrawn || post.DeletedAt is not null)
            return new MessagePage(
                StatusCodes.Status410Gone,
                language => (PageTexts.For(language).Withdrawn, PageTexts.For(language).WithdrawnText),
                post.Blog.Site.Language
            );
        if (post.Blog.Following is not null)
            return TypedResults.Redirect(addresses.Of(post));
        if (slug != post.Slug)
            return TypedResults.Redirect(addresses.Own(post) + http.Request.QueryString, permanent: true);
        arrivals.Note(post, post.Blog.Site, http.Request);
        MentionAdvertising.Add(http.Response.Headers, options.Value, post.Blog.Site.PublicKey);
        return TypedResults.Content(
            PostPageMarkup.Page(
                await reader.ReadAsync(post, isPreview: false, http.RequestAborted),
                addresses,
                options.Value
            ),
            "text/html; charset=utf-8"
        );
    }
}
