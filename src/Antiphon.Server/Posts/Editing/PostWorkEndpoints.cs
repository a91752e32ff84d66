using System.Text.Json;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts.Editing;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Posts.Editing;

/// <summary>/api/sites/{site}/posts/{post}: what happens around a post while it is being worked on.</summary>
internal static class PostWorkEndpoints
{
    /// <summary>How long somebody counts as being there after the last sign.</summary>
    public static readonly TimeSpan PresentFor = TimeSpan.FromSeconds(40);

    private static readonly TimeSpan PreviewLasts = TimeSpan.FromDays(7);

    /// <summary>Maps the area.</summary>
    public static void MapPostWork(this RouteGroupBuilder site)
    {
        var post = site.MapGroup("/posts/{post:long}").WithTags("Posts");
        post.MapPost("/presence", BeThere)
            .Needs(SiteRight.Write)
            .WithName("bePresent")
            .WithSummary("Says that the post is open, and asks who else has it open.");
        post.MapDelete("/presence", Leave).Needs(SiteRight.Write).WithName("leavePost");
        post.MapGet("/waiting", GetWaiting)
            .Needs(SiteRight.See)
            .WithName("getWaiting")
            .WithSummary("Changes to a public post that wait.");
        post.MapPut("/waiting", KeepWaiting).Needs(SiteRight.Edit).WithName("keepWaiting");
        post.MapDelete("/waiting", DropWaiting).Needs(SiteRight.Edit).WithName("dropWaiting");
        post.MapGet("/remarks", ListRemarks).Needs(SiteRight.See).WithName("listRemarks");
        post.MapPost("/remarks", AddRemark).Needs(SiteRight.Write).WithName("addRemark");
        post.MapPut("/remarks/{remark:long}", TickRemark).Needs(SiteRight.Write).WithName("tickRemark");
        post.MapPost("/preview-link", MakePreviewLink)
            .Needs(SiteRight.Write)
            .WithName("makePreviewLink")
            .WithSummary("An address that shows the post for seven days to whoever has it.");
    }

    private static async Task<Results<Ok<PresenceView>, NotFound>> BeThere(
        long site,
        long post,
        HttpContext http,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var revision = await database
            .Posts.Where(row => row.Id == post && row.SiteId == site)
            .Select(row => (int?)row.Revision)
            .FirstOrDefaultAsync(cancellation);
        if (revision is null)
            return TypedResults.NotFound();
        var (person, now) = (http.Member().PersonId, clock.GetUtcNow());
        var (name, at, since) = (
            await database.NameOfAsync(person, cancellation),
            now.ToUnixTimeMilliseconds(),
            now - PresentFor
        );
        await database.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO PostPresences (PostId, PersonId, PersonName, SeenAt) VALUES ({post}, {person}, {name}, {at})
            ON CONFLICT (PostId, PersonId) DO UPDATE SET SeenAt = {at}, PersonName = {name}
            """,
            cancellation
        );
        var others = await database
            .PostPresences.Where(presence =>
                presence.PostId == post && presence.PersonId != person && presence.SeenAt >= since
            )
            .OrderBy(presence => presence.PersonName)
            .Select(presence => presence.PersonName)
            .ToListAsync(cancellation);
        var by = await database
            .PostVersions.Where(version => version.PostId == post)
            .OrderByDescending(version => version.SavedAt)
            .Select(version => version.PersonName)
            .FirstOrDefaultAsync(cancellation);
        return TypedResults.Ok(new PresenceView(others, revision.Value, by));
    }

    private static async Task<NoContent> Leave(
        long site,
        long post,
        HttpContext http,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var person = http.Member().PersonId;
        await database
            .PostPresences.Where(presence =>
                presence.PostId == post && presence.PersonId == person && presence.Post.SiteId == site
            )
            .ExecuteDeleteAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<WaitingView>, NoContent>> GetWaiting(
        long site,
        long post,
        AntiphonContext database,
        IOptions<JsonOptions> json,
        CancellationToken cancellation
    )
    {
        var found = await database
            .WaitingChanges.AsNoTracking()
            .FirstOrDefaultAsync(change => change.PostId == post && change.Post.SiteId == site, cancellation);
        return found is null
            ? TypedResults.NoContent()
            : TypedResults.Ok(
                new WaitingView(
                    JsonSerializer.Deserialize<PostRequest>(found.Content, json.Value.SerializerOptions)!,
                    found.PersonName,
                    found.SavedAt
                )
            );
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> KeepWaiting(
        long site,
        long post,
        PostRequest request,
        HttpContext http,
        AntiphonContext database,
        IOptions<JsonOptions> json,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (!await database.Posts.AnyAsync(row => row.Id == post && row.SiteId == site, cancellation))
            return TypedResults.NotFound();
        if (request.BodyHtml is null || request.BodyHtml.Length > HtmlLimits.Text.Length)
            return FieldProblem.For(
                "bodyHtml",
                "The text is longer than two million characters; split it into several posts."
            );
        var waiting = await database.WaitingChanges.FindAsync([post], cancellation);
        if (waiting is null)
            database.WaitingChanges.Add(waiting = new WaitingChange { PostId = post });
        waiting.Content = JsonSerializer.Serialize(request, json.Value.SerializerOptions);
        (waiting.PersonName, waiting.SavedAt) = (
            await database.NameOfAsync(http.Member().PersonId, cancellation),
            clock.GetUtcNow()
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> DropWaiting(
        long site,
        long post,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        await database
            .WaitingChanges.Where(change => change.PostId == post && change.Post.SiteId == site)
            .ExecuteDeleteAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<List<RemarkView>>> ListRemarks(
        long site,
        long post,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await database
                .ReviewRemarks.AsNoTracking()
                .Where(remark => remark.PostId == post && remark.Post.SiteId == site)
                .OrderBy(remark => remark.Id)
                .Select(remark => new RemarkView(
                    remark.Id,
                    remark.PersonName,
                    remark.Passage,
                    remark.Text,
                    remark.MadeAt,
                    remark.DoneAt
                ))
                .ToListAsync(cancellation)
        );

    private static async Task<Results<Ok<RemarkView>, NotFound, ValidationProblem>> AddRemark(
        long site,
        long post,
        RemarkRequest request,
        HttpContext http,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (!await database.Posts.AnyAsync(row => row.Id == post && row.SiteId == site, cancellation))
            return TypedResults.NotFound();
        if (string.IsNullOrWhiteSpace(request.Text) || request.Text.Length > 2000)
            return FieldProblem.For("text", "Write the remark, in up to 2,000 characters.");
        var person = http.Member().PersonId;
        var passage = string.IsNullOrWhiteSpace(request.Passage)
            ? null
            : Shortened.ToLength(request.Passage.Trim(), 500);
        var remark = new ReviewRemark
        {
            PostId = post,
            PersonId = person,
            PersonName = await database.NameOfAsync(person, cancellation),
            Passage = passage,
            Text = request.Text.Trim(),
            MadeAt = clock.GetUtcNow(),
        };
        database.ReviewRemarks.Add(remark);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(
            new RemarkView(remark.Id, remark.PersonName, remark.Passage, remark.Text, remark.MadeAt, null)
        );
    }

    private static async Task<Results<NoContent, NotFound>> TickRemark(
        long site,
        long post,
        long remark,
        bool done,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var at = done ? clock.GetUtcNow() : (DateTimeOffset?)null;
        var changed = await database
            .ReviewRemarks.Where(reviewRemark =>
                reviewRemark.Id == remark && reviewRemark.PostId == post && reviewRemark.Post.SiteId == site
            )
            .ExecuteUpdateAsync(set => set.SetProperty(reviewRemark => reviewRemark.DoneAt, at), cancellation);
        return changed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<PreviewLinkView>, NotFound>> MakePreviewLink(
        long site,
        long post,
        AntiphonContext database,
        IKeySource keys,
        IOptions<AntiphonOptions> options,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (!await database.Posts.AnyAsync(row => row.Id == post && row.SiteId == site, cancellation))
            return TypedResults.NotFound();
        var link = new PreviewLink
        {
            Key = keys.NewKey(24),
            PostId = post,
            MadeAt = clock.GetUtcNow(),
            ExpiresAt = clock.GetUtcNow() + PreviewLasts,
        };
        database.PreviewLinks.Add(link);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(new PreviewLinkView(options.Value.AddressOf($"previews/{link.Key}"), link.ExpiresAt));
    }
}
