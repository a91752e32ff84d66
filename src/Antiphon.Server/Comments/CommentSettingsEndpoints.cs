using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Filtering;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>
/// /api/sites/{site}/comments/settings: how comments are taken, layer by layer.
/// </summary>
internal static class CommentSettingsEndpoints
{
    private const string StoredOff = "%\"commentsOff\":true%";
    private const string StoredOn = "%\"comments\":{\"isOn\":true%";

    /// <summary>Maps them.</summary>
    public static void MapCommentSettings(this RouteGroupBuilder comments)
    {
        comments.MapGet("/settings", GetSettings).Needs(SiteRight.See).WithName("getCommentSettings");
        comments
            .MapPut("/settings", PutSettings)
            .Needs(SiteRight.Edit)
            .WithName("saveCommentSettings")
            .WithSummary("Sets the layer of the site, or of one blog.");
    }

    private static async Task<Ok<CommentSettingsView>> GetSettings(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) => TypedResults.Ok(await ViewAsync(site, database, cancellation));

    private static async Task<Results<Ok<CommentSettingsView>, NotFound, ValidationProblem>> PutSettings(
        long site,
        LayerRequest request,
        AntiphonContext database,
        SiteFilters filters,
        CancellationToken cancellation
    )
    {
        if (request.Settings.Problem() is { } problem)
            return FieldProblem.For($"settings.{problem.Setting}", problem.Remedy);
        if (request.BlogId is { } blog)
        {
            if (
                await database.Blogs.FirstOrDefaultAsync(row => row.Id == blog && row.SiteId == site, cancellation)
                is not { } found
            )
                return TypedResults.NotFound();
            found.CommentSettings = request.Settings;
        }
        else
            (await database.Sites.SingleAsync(row => row.Id == site, cancellation)).CommentSettings = request.Settings;

        var isSharingChanged = database
            .ChangeTracker.Entries<Site>()
            .Any(entry =>
                entry.Property(row => row.CommentSettings).OriginalValue.SharesLearning
                != entry.Entity.CommentSettings.SharesLearning
            );
        await database.SaveChangesAsync(cancellation);
        if (isSharingChanged)
            filters.Forget(site);
        return TypedResults.Ok(await ViewAsync(site, database, cancellation));
    }

    private static async Task<CommentSettingsView> ViewAsync(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var owner = await database.Sites.AsNoTracking().SingleAsync(row => row.Id == site, cancellation);
        var blogs = await database
            .Blogs.AsNoTracking()
            .Where(blog => blog.SiteId == site)
            .OrderBy(blog => blog.Id)
            .ToListAsync(cancellation);
        // Told by how details are stored, so that the database counts them however many there are.
        var layers = await database
            .Posts.Where(post => post.SiteId == site)
            .GroupBy(post => post.BlogId)
            .Select(group => new
            {
                group.Key,
                All = group.Count(),
                Off = group.Count(post => EF.Functions.Like((string)(object)post.Details, StoredOff)),
                On = group.Count(post =>
                    !EF.Functions.Like((string)(object)post.Details, StoredOff)
                    && EF.Functions.Like((string)(object)post.Details, StoredOn)
                ),
            })
            .ToDictionaryAsync(group => group.Key, group => (group.All, group.Off, group.On), cancellation);
        return new CommentSettingsView(
            CommentSettings.Usual,
            owner.CommentSettings,
            [
                .. blogs.Select(blog => new BlogLayer(
                    blog.Id,
                    blog.Name,
                    blog.CommentSettings,
                    EffectiveSettings.Of(owner.CommentSettings, blog.CommentSettings),
                    layers.GetValueOrDefault(blog.Id).All,
                    layers.GetValueOrDefault(blog.Id).Off,
                    layers.GetValueOrDefault(blog.Id).On
                )),
            ]
        );
    }
}

/// <summary>The layers of a site.</summary>
/// <param name="Usual">What holds where no layer says anything.</param>
/// <param name="Site">The layer of the site.</param>
/// <param name="Blogs">The layers of its blogs.</param>
internal sealed record CommentSettingsView(CommentSettings Usual, CommentSettings Site, IReadOnlyList<BlogLayer> Blogs);

/// <summary>The layer of a blog.</summary>
/// <param name="Id">Key of the blog.</param>
/// <param name="Name">Its name.</param>
/// <param name="Settings">What the blog says itself.</param>
/// <param name="Effective">What holds for its posts that say nothing.</param>
/// <param name="Posts">How many posts it has.</param>
/// <param name="PostsOff">Posts that say themselves that comments are off.</param>
/// <param name="PostsOn">Posts that say themselves that they are on.</param>
internal sealed record BlogLayer(
    long Id,
    string Name,
    CommentSettings Settings,
    EffectiveSettings Effective,
    int Posts,
    int PostsOff,
    int PostsOn
);

/// <summary>A layer to be set.</summary>
/// <param name="BlogId">The blog, or null for the site.</param>
/// <param name="Settings">What it says; null values are as the layer outside says.</param>
internal sealed record LayerRequest(long? BlogId, CommentSettings Settings);
