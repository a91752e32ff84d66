using System.Text.Json;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>/previews/{key}: a post before it is public, for whoever has the address.</summary>
internal static class PreviewPageEndpoints
{
    /// <summary>Maps the page.</summary>
    public static void MapPreviews(this WebApplication app) =>
        app.MapGet("/previews/{key}", Show).ExcludeFromDescription().ForAnybody();

    /// <summary>Maps the page of a post as it is being written.</summary>
    public static void MapPostPages(this RouteGroupBuilder site) =>
        site.MapPost("/posts/page", Written)
            .Needs(SiteRight.Write)
            .WithTags("Posts")
            .WithName("showPostPage")
            .WithSummary("The page a post would have, saved or not.");

    private static async Task<Results<Ok<WrittenPage>, NotFound>> Written(
        long site,
        PostRequest request,
        AntiphonContext database,
        PostPageReader reader,
        PostAddresses addresses,
        IOptions<AntiphonOptions> options,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var blog = await database
            .Blogs.AsNoTracking()
            .Include(row => row.Site)
            .Include(row => row.Following)
            .FirstOrDefaultAsync(row => row.Id == request.BlogId && row.SiteId == site, cancellation);
        if (blog is null)
            return TypedResults.NotFound();
        var post = new Post
        {
            SiteId = site,
            BlogId = blog.Id,
            Blog = blog,
            Key = string.Empty,
            Slug = Slug.FromTitle(request.Title ?? string.Empty, blog.Site.Language),
            PublishedAt = clock.GetUtcNow(),
        };
        post.Apply(AsWritten(request, post));
        post.PlainText = HtmlText.Of(post.BodyHtml);
        return TypedResults.Ok(
            new WrittenPage(
                PostPageMarkup.Page(
                    await reader.ReadAsync(post, isPreview: true, cancellation) with
                    {
                        HasNote = false,
                    },
                    addresses,
                    options.Value
                )
            )
        );
    }

    private static async Task<IResult> Show(
        string key,
        HttpContext http,
        AntiphonContext database,
        PostPageReader reader,
        PostAddresses addresses,
        IOptions<AntiphonOptions> options,
        IOptions<JsonOptions> json,
        TimeProvider clock
    )
    {
        var now = clock.GetUtcNow();
        var link = await database
            .PreviewLinks.AsNoTracking()
            .FirstOrDefaultAsync(
                previewLink => previewLink.Key == key && previewLink.ExpiresAt > now,
                http.RequestAborted
            );
        var post = link is null
            ? null
            : await database
                .Posts.AsNoTracking()
                .Include(row => row.Blog.Site)
                .Include(row => row.Blog.Following)
                .FirstOrDefaultAsync(row => row.Id == link.PostId, http.RequestAborted);
        if (post is null)
            return new MessagePage(StatusCodes.Status410Gone, language =>
                (PageTexts.For(language).PreviewOver, PageTexts.For(language).PreviewOverText)
            );
        if (
            await database
                .WaitingChanges.AsNoTracking()
                .FirstOrDefaultAsync(waitingChange => waitingChange.PostId == post.Id, http.RequestAborted)
                is { } waiting
            && JsonSerializer.Deserialize<PostRequest>(waiting.Content, json.Value.SerializerOptions) is { } change
        )
            post.Apply(AsWritten(change, post));

        http.Response.Headers.CacheControl = "private, no-store";
        return TypedResults.Content(
            PostPageMarkup.Page(
                await reader.ReadAsync(post, isPreview: true, http.RequestAborted),
                addresses,
                options.Value
            ),
            "text/html; charset=utf-8"
        );
    }

    // Nothing has looked the request over yet: an address that is none draws nothing.
    private static PostContent AsWritten(PostRequest request, Post post)
    {
        var content = request.Over(post.ToContent());
        return content with
        {
            PictureAddress = LinkResolver.IsWeb(content.PictureAddress) ? content.PictureAddress : null,
            AboutAddress = LinkResolver.IsWeb(content.AboutAddress) ? content.AboutAddress : null,
            OwnValues = request.OwnValues ?? content.OwnValues,
        };
    }
}

/// <summary>The page of a post as HTML, to be shown in a frame.</summary>
internal sealed record WrittenPage(string Html);
