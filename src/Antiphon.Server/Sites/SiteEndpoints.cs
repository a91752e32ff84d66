using System.Security.Claims;
using Antiphon.Core.Comments;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Time;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Accounts;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Sites;

/// <summary>/api/sites.</summary>
internal static class SiteEndpoints
{
    /// <summary>Maps the area and gives the group under which everything belonging to one site stands.</summary>
    public static RouteGroupBuilder MapSites(this WebApplication app)
    {
        var sites = app.MapGroup("/api/sites")
            .RequireAuthorization()
            .AddEndpointFilter<NoNullsInLists>()
            .WithTags("Sites");
        sites.MapGet("", ListSites).ForSignedIn().WithName("listSites");
        sites.MapPost("", RegisterSite).Validate<SiteRequest>().ForSignedIn().WithName("registerSite");
        var site = app.MapGroup("/api/sites/{site:long}").RequireAuthorization().AddEndpointFilter<NoNullsInLists>();
        site.MapGet("", GetSite).WithTags("Sites").Needs(SiteRight.See).WithName("getSite");
        site.MapPut("", ChangeSite)
            .Needs(SiteRight.Own)
            .Validate<SiteRequest>()
            .WithTags("Sites")
            .WithName("changeSite");
        site.MapMembers();
        site.MapActs();
        return site;
    }

    private static async Task<Ok<List<SiteView>>> ListSites(ClaimsPrincipal user, AntiphonContext database)
    {
        var id = user.PersonId();
        return TypedResults.Ok(
            await Views(
                    database,
                    database.Memberships.Where(member => member.PersonId == id).OrderBy(member => member.Site.Name)
                )
                .ToListAsync()
        );
    }

    private static async Task<Results<Ok<SiteView>, ProblemHttpResult>> RegisterSite(
        SiteRequest request,
        ClaimsPrincipal user,
        AntiphonContext database,
        IOptions<AccountOptions> accounts,
        IKeySource keys,
        TimeProvider clock
    )
    {
        if (!await MayRegisterAsync(user.PersonId(), accounts.Value.SitesBy, database))
            return TypedResults.Problem(
                "Ask whoever runs this installation to register it and invite you.",
                title: "Your account may not register sites.",
                statusCode: StatusCodes.Status403Forbidden
            );
        var site = new Site { PublicKey = keys.NewKey(), CreatedAt = clock.GetUtcNow() };
        Apply(request, site);
        database.Memberships.Add(
            new Membership
            {
                Site = site,
                PersonId = user.PersonId(),
                Role = SiteRole.Owner,
            }
        );
        await database.SaveChangesAsync();
        return TypedResults.Ok(await ViewOf(database, site.Id, user.PersonId()));
    }

    private static async Task<bool> MayRegisterAsync(long person, SiteRegistrants who, AntiphonContext database) =>
        who switch
        {
            SiteRegistrants.Everybody => true,
            SiteRegistrants.SiteOwners => await database.Memberships.AnyAsync(member =>
                member.PersonId == person && member.Role == SiteRole.Owner
            ),
            // Whoever made the first account.
            _ => await database.Users.MinAsync(row => row.Id) == person,
        };

    private static async Task<Ok<SiteView>> GetSite(long site, ClaimsPrincipal user, AntiphonContext database) =>
        TypedResults.Ok(await ViewOf(database, site, user.PersonId()));

    private static async Task<Ok<SiteView>> ChangeSite(
        long site,
        SiteRequest request,
        ClaimsPrincipal user,
        AntiphonContext database
    )
    {
        var found = await database.Sites.SingleAsync(row => row.Id == site);
        var zone = found.TimeZone;
        Apply(request, found);
        if (found.TimeZone != zone)
            await RescheduleAsync(found, database);
        await database.SaveChangesAsync();
        return TypedResults.Ok(await ViewOf(database, site, user.PersonId()));
    }

    // What was scheduled for nine in the morning goes out at nine in the morning, on whatever clocks.
    private static async Task RescheduleAsync(Site site, AntiphonContext database)
    {
        foreach (
            var post in await database
                .Posts.Where(post =>
                    post.SiteId == site.Id && post.Status == PostStatus.Scheduled && post.PublishLocal != null
                )
                .ToListAsync()
        )
        {
            post.PublishedAt = WallTime.Read(post.PublishLocal, site.TimeZone)?.Instant ?? post.PublishedAt;
            post.Revision++;
        }
    }

    private static void Apply(SiteRequest request, Site site)
    {
        site.Name = request.Name.Trim();
        site.Address = new Uri(request.Address.Trim()).AbsoluteUri;
        site.TimeZone = request.TimeZone;
        site.Language = request.Language;
        var origins = (request.AllowedAddresses ?? [])
            .Append(site.Address)
            .Select(AllowedAddresses.OriginOf)
            .OfType<string>();
        site.AllowedAddresses = [.. origins.Distinct()];
    }

    private static Task<SiteView> ViewOf(AntiphonContext database, long site, long person) =>
        Views(database, database.Memberships.Where(member => member.SiteId == site && member.PersonId == person))
            .SingleAsync();

    private static IQueryable<SiteView> Views(AntiphonContext database, IQueryable<Membership> members) =>
        members.Select(member => new SiteView(
            member.SiteId,
            member.Site.PublicKey,
            member.Site.Name,
            member.Site.Address,
            member.Site.TimeZone,
            member.Site.Language,
            member.Site.AllowedAddresses,
            member.Role,
            database.Comments.Count(comment =>
                comment.SiteId == member.SiteId && comment.Standing == CommentStanding.Waiting
            )
        ));
}
