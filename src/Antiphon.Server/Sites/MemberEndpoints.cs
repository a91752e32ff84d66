using System.Security.Claims;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Sites;
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
        AntiphonContext database,
        ActRecord acts,
        ClaimsPrincipal user,
        CancellationToken cancellation
    )
    {
        if (request.Role != SiteRole.Owner && await IsLastOwner(site, person, database))
            return FieldProblem.For("role", "A site needs at least one owner. Make someone else owner first.");
        if (await FindAsync(site, person, database, cancellation) is not { } member)
            return TypedResults.NotFound();
        if (member.Role == request.Role)
            return TypedResults.NoContent();
        member.Role = request.Role;
        await acts.AddAsync(
            site,
            user.PersonId(),
            $"changed the role of {member.Person.DisplayName} to {RoleNames.Of(request.Role)}",
            null,
            cancellation
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> RemoveMember(
        long site,
        long person,
        AntiphonContext database,
        ActRecord acts,
        ClaimsPrincipal user,
        CancellationToken cancellation
    )
    {
        if (await IsLastOwner(site, person, database))
            return FieldProblem.For("person", "A site needs at least one owner. Make someone else owner first.");
        if (await FindAsync(site, person, database, cancellation) is not { } member)
            return TypedResults.NotFound();
        database.Memberships.Remove(member);
        await acts.AddAsync(
            site,
            user.PersonId(),
            $"removed {member.Person.DisplayName} from the team",
            null,
            cancellation
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static Task<Membership?> FindAsync(
        long site,
        long person,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        database
            .Memberships.Include(member => member.Person)
            .SingleOrDefaultAsync(member => member.SiteId == site && member.PersonId == person, cancellation);

    private static async Task<bool> IsLastOwner(long site, long person, AntiphonContext database) =>
        !await database.Memberships.AnyAsync(member =>
            member.SiteId == site && member.PersonId != person && member.Role == SiteRole.Owner
        );
}
