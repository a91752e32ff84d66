using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Sites;

/// <summary>/api/sites/{site}/people.</summary>
internal static class MemberEndpoints
{
    /// <summary>Maps the people of a site.</summary>
    public static void MapMembers(this RouteGroupBuilder site)
    {
        var people = site.MapGroup("/people").WithTags("Sites");
        people.MapGet("", ListMembers).WithName("listMembers");
        people.MapPost("", AddMember).Needs(SiteRole.Owner).Validate<NewMemberRequest>().WithName("addMember");
        people.MapPut("/{person:long}", ChangeRole).Needs(SiteRole.Owner).WithName("changeRole");
        people.MapDelete("/{person:long}", RemoveMember).Needs(SiteRole.Owner).WithName("removeMember");
    }

    private static async Task<Ok<List<MemberView>>> ListMembers(long site, AntiphonContext database) =>
        TypedResults.Ok(await database.Memberships.Where(member => member.SiteId == site).OrderBy(member => member.Person.DisplayName)
            .Select(member => new MemberView(member.PersonId, member.Person.DisplayName, member.Person.Email!, member.Role)).ToListAsync());

    private static async Task<Results<NoContent, ValidationProblem>> AddMember(
        long site, NewMemberRequest request, HttpContext http, AntiphonContext database, UserManager<Person> people, ActRecord acts)
    {
        var person = await people.FindByEmailAsync(request.Mail.Trim());
        if (person is null)
        {
            if (string.IsNullOrEmpty(request.Password)) return FieldProblem.For("password", "This address has no account yet: set a first password and pass it on.");
            person = new Person { UserName = request.Mail.Trim(), Email = request.Mail.Trim(), DisplayName = request.Name.Trim(), LockoutEnabled = true };
            var made = await people.CreateAsync(person, request.Password);
            if (!made.Succeeded) return FieldProblem.For("mail", string.Join(" ", made.Errors.Select(error => error.Description)));
        }

        if (await database.Memberships.AnyAsync(member => member.SiteId == site && member.PersonId == person.Id))
        {
            return FieldProblem.For("mail", "This person has a role here already; change it in the list.");
        }

        database.Memberships.Add(new Membership { SiteId = site, PersonId = person.Id, Role = request.Role });
        await acts.AddAsync(site, http.Member().PersonId, $"added {person.DisplayName} as {request.Role.ToString().ToLowerInvariant()}", null, http.RequestAborted);
        await database.SaveChangesAsync();
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> ChangeRole(long site, long person, RoleRequest request, AntiphonContext database)
    {
        if (request.Role != SiteRole.Owner && await IsLastOwner(site, person, database)) return FieldProblem.For("role", "A site needs an owner; make somebody else owner first.");
        var changed = await database.Memberships.Where(member => member.SiteId == site && member.PersonId == person)
            .ExecuteUpdateAsync(set => set.SetProperty(member => member.Role, request.Role));
        return changed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> RemoveMember(long site, long person, AntiphonContext database)
    {
        if (await IsLastOwner(site, person, database)) return FieldProblem.For("person", "A site needs an owner; make somebody else owner first.");
        var removed = await database.Memberships.Where(member => member.SiteId == site && member.PersonId == person).ExecuteDeleteAsync();
        return removed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<bool> IsLastOwner(long site, long person, AntiphonContext database) =>
        !await database.Memberships.AnyAsync(member => member.SiteId == site && member.PersonId != person && member.Role == SiteRole.Owner);
}
