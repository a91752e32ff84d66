using Antiphon.Core.Findings;
using Antiphon.Core.Html;
using Antiphon.Core.Posts.Checking;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts;

/// <summary>/api/sites/{site}/posts/check: a post looked over before it is published, stored or not.</summary>
internal static class PostCheckEndpoints
{
    private const int MostTitles = 5000;

    /// <summary>Maps both checks.</summary>
    public static void MapPostCheck(this RouteGroupBuilder site)
    {
        var posts = site.MapGroup("/posts").WithTags("Posts");
        posts
            .MapPost("/check", Check)
            .Needs(SiteRight.Write)
            .WithName("checkPost")
            .WithSummary("What is worth another look before publishing.");
        posts
            .MapPost("/check-links", CheckLinks)
            .Needs(SiteRight.Write)
            .WithName("checkPostLinks")
            .WithSummary("Opens every link of a post, and tells which fail.");
    }

    private static async Task<Ok<List<CheckFindingView>>> Check(
        long site,
        long? post,
        PostRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var titles = await database
            .Posts.Where(row => row.SiteId == site && row.BlogId == request.BlogId && row.Id != post)
            .OrderByDescending(row => row.Id)
            .Select(row => row.Title)
            .Take(MostTitles)
            .ToListAsync(cancellation);
        var draft = new PostDraft(
            request.Title ?? string.Empty,
            request.Slug ?? string.Empty,
            HtmlCleaner.ForPosts.Clean(request.BodyHtml),
            Trimmed.OrNull(request.Excerpt),
            Trimmed.OrNull(request.PictureAddress),
            Trimmed.OrNull(request.PictureAlt),
            Trimmed.OrNull(request.Category),
            request.Tags ?? [],
            titles
        );
        return TypedResults.Ok(PostCheck.Run(draft).Select(CheckFindingView.Of).ToList());
    }

    private static async Task<Ok<List<CheckFindingView>>> CheckLinks(
        long site,
        PostRequest request,
        BrokenLinks links,
        CancellationToken cancellation
    )
    {
        var body = HtmlReader.BodyOf(HtmlCleaner.ForPosts.Clean(request.BodyHtml));
        var addresses = body.QuerySelectorAll("a[href], img[src]")
            .Select(element => element.GetAttribute("href") ?? element.GetAttribute("src"))
            .Append(request.PictureAddress)
            .Append(request.AboutAddress);
        var broken = await links.AmongAsync(addresses, cancellation);
        return TypedResults.Ok(
            broken
                .Select(pair =>
                    CheckFindingView.Of(Finding.About("bodyHtml", PostRules.LinkBroken, pair.Address, pair.Problem))
                )
                .ToList()
        );
    }
}
