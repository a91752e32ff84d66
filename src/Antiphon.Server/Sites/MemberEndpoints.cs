using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Sites;

/// <summary>/api/sites/{site}/people.</summary>
internal static class MemberEndpoints
{
    /// <summary>Maps the people of a site.</summary>
    public static void MapMembers(this RouteGroupBuilder site)
    {
        var people = site.MapGroup("/people").WithTags("Sites");
        people.MapGet("", ListMembers).Needs(SiteRight.See).WithName("listMembers");
        people.MapPut("/{person:long}", ChangeRole).Needs(SiteRight.Own).WithName("changeRole");
        people.MapDelete("/{person:long}", RemoveMember).Needs(SiteRight.Own).WithName("removeMember");
    }

    private static async Task<Ok<List<MemberView>>> ListMembers(long site, AntiphonContext database) =>
        TypedResults.Ok(
            await database
                .Memberships.Where(member => member.SiteId == site)
                .OrderBy(member => member.Person.DisplayName)
                .Select(member => new MemberView(
                    member.PersonId,
                    member.Person.DisplayName,
                    member.Person.Email!,
                    member.Role
                ))
                .ToListAsync()
        );

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> ChangeRole(
        long site,
        long person,
        RoleRequest request,
        AntiphonContext database
    )
    {
        if (request.Role != SiteRole.Owner && await IsLastOwner(site, person, database))
            return FieldProblem.For("role", "A site needs at least one owner. Make someone else owner first.");
        var changed = await database
            .Memberships.Where(member => member.SiteId == site && member.PersonId == person)
            .ExecuteUpdateAsync(set => set.SetProperty(member => member.Role, request.Role));
        return changed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> RemoveMember(
        long site,
        long person,
        AntiphonContext database
    )
    {
        if (await IsLastOwner(site, person, database))
            return FieldProblem.For("person", "A site needs at least one owner. Make someone else owner first.");
        var removed = await database
            .Memberships.Where(member => member.SiteId == site && member.PersonId == person)
            .ExecuteDeleteAsync();
        return removed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<bool> IsLastOwner(long site, long person, AntiphonContext database) =>
        !await database.Memberships.AnyAsync(member =>
            member.SiteId == site && member.PersonId != person && member.Role == SiteRole.Owner
        );
}
