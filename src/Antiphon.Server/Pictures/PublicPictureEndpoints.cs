using Antiphon.Core.Comments;
using Antiphon.Core.Pictures;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Microsoft.EntityFrameworkCore;
using Microsoft.Net.Http.Headers;

namespace Antiphon.Server.Pictures;

/// <summary>/pictures/{key}/{form}: what readers fetch.</summary>
internal static class PublicPictureEndpoints
{
    /// <summary>Maps the pictures.</summary>
    public static void MapPublicPictures(this WebApplication app) =>
        app.MapGet("/pictures/{key}/{form}", Show).ExcludeFromDescription().ForAnybody();

    private static async Task<IResult> Show(
        string key,
        string form,
        HttpContext http,
        AntiphonContext database,
        PictureFiles files,
        PictureMaking making
    )
    {
        if (PictureVariant.Parse(form) is not { } variant)
            return TypedResults.NotFound();
        var picture = await database
            .Pictures.AsNoTracking()
            .FirstOrDefaultAsync(row => row.Key == key, http.RequestAborted);
        if (picture is null)
            return TypedResults.NotFound();
        // What comes with a comment is seen as long as the comment is.
        if (
            picture.IsFromReader
            && !await database.Comments.AnyAsync(
                comment => comment.PictureId == picture.Id && comment.Standing == CommentStanding.Public,
                http.RequestAborted
            )
        )
            return TypedResults.NotFound();
        // Short, as a picture can be replaced in place; after it, a look at the tag costs nothing but the question.
        http.Response.Headers.CacheControl = picture.IsFromReader
            ? "public, max-age=60"
            : "public, max-age=300, stale-while-revalidate=86400";
        http.Response.Headers.AccessControlAllowOrigin = "*";
        var tag = new EntityTagHeaderValue($"\"{picture.Version}-{variant}\"");
        if (picture.Type != PictureType.Svg)
            return TypedResults.PhysicalFile(
                await making.FileAsync(picture, variant, http),
                variant.IsCard ? "image/jpeg" : "image/webp",
                entityTag: tag
            );
        // Cleaned already; the policy is a second lock.
        http.Response.Headers.ContentSecurityPolicy = "default-src 'none'; style-src 'unsafe-inline'; sandbox";
        return TypedResults.Bytes(await files.ReadAsync(picture, http.RequestAborted), "image/svg+xml", entityTag: tag);
    }
}
