using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Channels.Planning;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Channels;

/// <summary>/api/sites/{site}/posts/{post}/channels: what every channel makes of one post.</summary>
internal static class PostChannelEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapPostChannels(this RouteGroupBuilder site)
    {
        var channels = site.MapGroup("/posts/{post:long}/channels").WithTags("Channels");
        channels
            .MapGet("", Previews)
            .Needs(SiteRight.See)
            .WithName("previewChannels")
            .WithSummary("What every channel would say about a post, and where it stands there.");
        channels
            .MapPost("/preview", Preview)
            .Needs(SiteRight.Write)
            .WithName("previewWishes")
            .WithSummary(
                "The same with wishes that are not saved yet; opens the links of the texts where that is asked for."
            );
        channels
            .MapPost("/{channel:long}", Send)
            .Needs(SiteRight.Edit)
            .WithName("sendToChannel")
            .WithSummary("Sends a published post to a channel now, also again.");
    }

    private static async Task<Results<Ok<IReadOnlyList<ChannelPreview>>, NotFound>> Previews(
        long site,
        long post,
        AntiphonContext database,
        PostPreviews previews,
        CancellationToken cancellation
    ) =>
        await FindAsync(site, post, database.Posts.AsNoTracking(), cancellation) is { } found
            ? TypedResults.Ok(await previews.OfAsync(found, opensLinks: false, cancellation))
            : TypedResults.NotFound();

    private static async Task<Results<Ok<IReadOnlyList<ChannelPreview>>, NotFound>> Preview(
        long site,
        long post,
        PreviewWishes request,
        AntiphonContext database,
        PostPreviews previews,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, post, database.Posts.AsNoTracking(), cancellation) is not { } found)
            return TypedResults.NotFound();
        // Nothing is saved here; the wishes stand in for those of the post.
        found.Details = found.Details with { Channels = request.Wishes };
        return TypedResults.Ok(await previews.OfAsync(found, request.OpensLinks, cancellation));
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Send(
        long site,
        long post,
        long channel,
        SendRequest request,
        AntiphonContext database,
        ChannelPlanner planner,
        ChannelSignal signal,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var found = await FindAsync(site, post, database.Posts, cancellation);
        var to = await database.Channels.FirstOrDefaultAsync(
            row => row.Id == channel && row.SiteId == site && row.ArchivedAt == null,
            cancellation
        );
        if (found is null || to is null)
            return TypedResults.NotFound();
        if (!found.IsPublicAt(clock.GetUtcNow()))
            return FieldProblem.For("post", "Publish the post first; then it can be sent.");
        await planner.SendAgainAsync(found, to, request.Text, cancellation);
        await database.SaveChangesAsync(cancellation);
        signal.Wake();
        return TypedResults.NoContent();
    }

    private static Task<Post?> FindAsync(
        long site,
        long post,
        IQueryable<Post> posts,
        CancellationToken cancellation
    ) =>
        posts
            .Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .FirstOrDefaultAsync(row => row.Id == post && row.SiteId == site, cancellation);
}
