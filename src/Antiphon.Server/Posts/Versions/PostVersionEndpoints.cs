using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Versions;

/// <summary>/api/sites/{site}/posts/{post}/versions.</summary>
internal static class PostVersionEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapPostVersions(this RouteGroupBuilder site)
    {
        var versions = site.MapGroup("/posts/{post:long}/versions").WithTags("Posts");
        versions
            .MapGet("", List)
            .Needs(SiteRight.See)
            .WithName("listPostVersions")
            .WithSummary("What a post was, the latest first.");
        versions.MapGet("/{version:long}", Get).Needs(SiteRight.See).WithName("getPostVersion");
    }

    private static async Task<Ok<List<PostVersionSummary>>> List(
        long site,
        long post,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await database
                .PostVersions.AsNoTracking()
                .Where(version => version.PostId == post && version.Post.SiteId == site)
                .OrderByDescending(version => version.Id)
                .Select(version => new PostVersionSummary(
                    version.Id,
                    version.SavedAt,
                    version.PersonName,
                    version.WasPublic,
                    version.Title
                ))
                .ToListAsync(cancellation)
        );

    private static async Task<Results<Ok<PostVersionView>, NotFound>> Get(
        long site,
        long post,
        long version,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var found = await database
            .PostVersions.AsNoTracking()
            .FirstOrDefaultAsync(
                postVersion =>
                    postVersion.Id == version && postVersion.PostId == post && postVersion.Post.SiteId == site,
                cancellation
            );
        return found is null
            ? TypedResults.NotFound()
            : TypedResults.Ok(
                new PostVersionView(
                    found.Id,
                    found.SavedAt,
                    found.PersonName,
                    found.WasPublic,
                    found.Title,
                    found.BodyHtml,
                    found.Excerpt
                )
            );
    }
}

/// <summary>A version in the list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="SavedAt">When it was last saved.</param>
/// <param name="By">Who saved it; null when it is older than versions are.</param>
/// <param name="WasPublic">Whether readers saw it.</param>
/// <param name="Title">Its title.</param>
internal sealed record PostVersionSummary(long Id, DateTimeOffset SavedAt, string? By, bool WasPublic, string Title);

/// <summary>A version in full.</summary>
internal sealed record PostVersionView(
    long Id,
    DateTimeOffset SavedAt,
    string? By,
    bool WasPublic,
    string Title,
    string BodyHtml,
    string? Excerpt
);
