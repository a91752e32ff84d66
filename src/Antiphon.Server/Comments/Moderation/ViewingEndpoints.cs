using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>Who looks at which comment, and the choices people keep.</summary>
internal static class ViewingEndpoints
{
    private static readonly TimeSpan HoldsFor = TimeSpan.FromSeconds(25);
    private const int MostViews = 30;

    /// <summary>Maps them.</summary>
    public static void MapViewing(this RouteGroupBuilder comments)
    {
        comments
            .MapPut("/{comment:long}/look", Look)
            .Needs(SiteRight.Moderate)
            .WithName("lookAtComment")
            .WithSummary(
                "Says that the person looks at a comment, and tells who else does. Said again every ten seconds."
            );
        comments.MapGet("/views", ListViews).Needs(SiteRight.See).WithName("listCommentViews");
        comments.MapPost("/views", SaveView).Needs(SiteRight.See).WithName("saveCommentView");
        comments.MapDelete("/views/{view:long}", RemoveView).Needs(SiteRight.See).WithName("removeCommentView");
    }

    private static async Task<Results<Ok<IReadOnlyList<string>>, NotFound>> Look(
        long site,
        long comment,
        HttpContext http,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (!await database.Comments.AnyAsync(row => row.Id == comment && row.SiteId == site, cancellation))
            return TypedResults.NotFound();
        var (person, now) = (http.Member().PersonId, clock.GetUtcNow());
        var (name, at, since) = (
            await database.NameOfAsync(person, cancellation),
            now.ToUnixTimeMilliseconds(),
            now - HoldsFor
        );
        await database.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO CommentLooks (SiteId, PersonId, PersonName, CommentId, At) VALUES ({site}, {person}, {name}, {comment}, {at})
            ON CONFLICT (SiteId, PersonId) DO UPDATE SET At = {at}, PersonName = {name}, CommentId = {comment}
            """,
            cancellation
        );
        return TypedResults.Ok<IReadOnlyList<string>>(
            await database
                .CommentViewers.Where(look => look.CommentId == comment && look.PersonId != person && look.At >= since)
                .OrderBy(look => look.PersonName)
                .Select(look => look.PersonName)
                .ToListAsync(cancellation)
        );
    }

    private static async Task<Ok<List<SavedViewView>>> ListViews(
        long site,
        HttpContext http,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var person = http.Member().PersonId;
        return TypedResults.Ok(
            await database
                .SavedViews.Where(saved => saved.SiteId == site && saved.PersonId == person)
                .OrderBy(saved => saved.Name)
                .Select(saved => new SavedViewView(saved.Id, saved.Name, saved.Query))
                .ToListAsync(cancellation)
        );
    }

    private static async Task<Results<Ok<SavedViewView>, ValidationProblem>> SaveView(
        long site,
        SavedViewRequest request,
        HttpContext http,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var (person, name) = (http.Member().PersonId, request.Name.Trim());
        if (name.Length is 0 or > 60)
            return FieldProblem.For("name", "Enter a name of at most 60 characters.");
        if (request.Query.Length > 500)
            return FieldProblem.For("query", "Use at most 500 characters.");
        var mine = await database
            .SavedViews.Where(saved => saved.SiteId == site && saved.PersonId == person)
            .ToListAsync(cancellation);
        var view = mine.Find(saved => saved.Name == name);
        if (view is null && mine.Count >= MostViews)
            return FieldProblem.For("name", $"At most {MostViews} saved filters are possible. Delete one first.");
        if (view is null)
            database.SavedViews.Add(
                view = new SavedView
                {
                    SiteId = site,
                    PersonId = person,
                    Name = name,
                }
            );
        view.Query = request.Query;
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(new SavedViewView(view.Id, view.Name, view.Query));
    }

    private static async Task<Results<NoContent, NotFound>> RemoveView(
        long site,
        long view,
        HttpContext http,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var person = http.Member().PersonId;
        return
            await database
                .SavedViews.Where(saved => saved.Id == view && saved.SiteId == site && saved.PersonId == person)
                .ExecuteDeleteAsync(cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();
    }
}

/// <summary>A choice of comments kept under a name.</summary>
/// <param name="Query">As it stands in the address bar, without the question mark.</param>
internal sealed record SavedViewView(long Id, string Name, string Query);

/// <summary>A choice to keep; the same name takes the place of what was kept under it.</summary>
internal sealed record SavedViewRequest(string Name, string Query);
