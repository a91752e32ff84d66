using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Accounts;
using Antiphon.Data.Sites;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Accounts;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Sites;

/// <summary>/api/sites/{site}/invitations for owners, and /api/invitations/{key} for whoever got the mail.</summary>
internal static class InvitationEndpoints
{
    /// <summary>Maps the owners' side.</summary>
    public static void MapInvitations(this RouteGroupBuilder site)
    {
        var invitations = site.MapGroup("/invitations").WithTags("Sites");
        invitations.MapGet("", List).Needs(SiteRight.See).WithName("listInvitations");
        invitations
            .MapPost("", Invite)
            .Needs(SiteRight.Own)
            .Validate<InvitationRequest>()
            .WithName("invite")
            .WithSummary(
                "Asks somebody by mail to join the team. Asking again sends a new link, and the old one ends."
            );
        invitations.MapDelete("/{invitation:long}", TakeBack).Needs(SiteRight.Own).WithName("takeInvitationBack");
    }

    /// <summary>Maps the side of those who are invited.</summary>
    public static void MapInvited(this WebApplication app)
    {
        var invited = app.MapGroup("/api/invitations/{key}")
            .WithTags("Accounts")
            .RequireRateLimiting(RateLimits.SignIn);
        invited.MapGet("", Look).ForAnybody().WithName("getInvitation");
        invited.MapPost("", Accept).Validate<AcceptRequest>().ForAnybody().WithName("acceptInvitation");
    }

    private static async Task<Ok<List<InvitationView>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await database
                .Invitations.Where(invitation => invitation.SiteId == site)
                .OrderBy(invitation => invitation.Mail)
                .Select(invitation => new InvitationView(
                    invitation.Id,
                    invitation.Mail,
                    invitation.Role,
                    invitation.CreatedAt,
                    invitation.ExpiresAt
                ))
                .ToListAsync(cancellation)
        );

    private static async Task<Results<Ok<InvitedLinkView>, ValidationProblem>> Invite(
        long site,
        InvitationRequest request,
        HttpContext http,
        AntiphonContext database,
        LetterBox letters,
        ActRecord acts,
        IKeySource keys,
        IOptions<AntiphonOptions> options,
        TimeProvider clock
    )
    {
        var mail = request.Mail.Trim().ToLowerInvariant();
        if (
            await database.Memberships.AnyAsync(
                member => member.SiteId == site && member.Person.Email!.ToLower() == mail,
                http.RequestAborted
            )
        )
            return FieldProblem.For("mail", "This person has a role here already; change it in the list.");
        // Two links: only what came by mail proves that whoever opens it owns the address.
        var (mailed, byHand, by) = (keys.NewKey(40), keys.NewKey(40), http.Member().PersonId);
        var invitation = await database.Invitations.FirstOrDefaultAsync(
            row => row.SiteId == site && row.Mail == mail,
            http.RequestAborted
        );
        if (invitation is null)
            database.Invitations.Add(invitation = new Invitation { SiteId = site, Mail = mail });
        var days = request.Days ?? Invitation.Days;
        (invitation.Role, invitation.Hash, invitation.HandHash) = (
            request.Role,
            TokenHash.Of(mailed),
            TokenHash.Of(byHand)
        );
        (invitation.ById, invitation.CreatedAt) = (by, clock.GetUtcNow());
        invitation.ExpiresAt = invitation.CreatedAt.AddDays(days);
        var (inviter, name) = (
            await database.NameOfAsync(by, http.RequestAborted),
            await database.Sites.Where(row => row.Id == site).Select(row => row.Name).SingleAsync(http.RequestAborted)
        );
        letters.Post(
            database,
            site,
            mail,
            TeamTexts.Say($"{inviter} invites you to the team of {name}"),
            TextOf(inviter, name, request.Role, days, options.Value.AddressOf($"join/{mailed}"))
        );
        await acts.AddAsync(site, by, $"invited {mail} as {RoleNames.Of(request.Role)}", null, http.RequestAborted);
        await database.SaveChangesAsync(http.RequestAborted);
        return TypedResults.Ok(
            new InvitedLinkView(
                invitation.Id,
                mail,
                request.Role,
                invitation.ExpiresAt,
                options.Value.AddressOf($"join/{byHand}")
            )
        );
    }

    // Whoever is invited has no language here yet; that of the one who invites comes nearest.
    private static string TextOf(string inviter, string team, SiteRole role, int days, string link) =>
        string.Join(
            '\n',
            TeamTexts.Say($"{inviter} invites you to the team of {team} as {TeamTexts.Say(RoleNames.Of(role))}."),
            string.Empty,
            TeamTexts.Say($"Follow this link to join; it is valid for {days} days:"),
            link,
            string.Empty,
            TeamTexts.Say($"If you do not know {inviter}, do nothing, and nothing happens."),
            string.Empty
        );

    private static async Task<Results<NoContent, NotFound>> TakeBack(
        long site,
        long invitation,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .Invitations.Where(row => row.Id == invitation && row.SiteId == site)
            .ExecuteDeleteAsync(cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static async Task<Results<Ok<InvitedView>, NotFound>> Look(
        string key,
        AntiphonContext database,
        UserManager<Person> people,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(key, database, clock, cancellation) is not { } found)
            return TypedResults.NotFound();
        var asksPassword = AsksForPassword(await people.FindByEmailAsync(found.Mail), found, key);
        return TypedResults.Ok(
            new InvitedView(found.Site.Name, found.By?.DisplayName, found.Mail, found.Role, asksPassword)
        );
    }

    // An account that somebody made without proving the address is no obstacle to whoever proves it.
    private static bool AsksForPassword(Person? person, Invitation invitation, string key) =>
        person is not null && (person.EmailConfirmed || invitation.Hash != TokenHash.Of(key));

    private static async Task<Results<Ok<JoinedView>, NotFound, ValidationProblem>> Accept(
        string key,
        AcceptRequest request,
        HttpContext http,
        AntiphonContext database,
        UserManager<Person> people,
        SignInPace pace,
        Sessions sessions,
        ActRecord acts,
        IEnumerable<IJoinStep> steps,
        TimeProvider clock
    )
    {
        if (await FindAsync(key, database, clock, http.RequestAborted) is not { } found)
            return TypedResults.NotFound();
        var (person, refused) = await WhoAsync(found, key, request, http, people, pace, sessions);
        if (person is null)
            return refused!;
        if (
            !await database.Memberships.AnyAsync(
                member => member.SiteId == found.SiteId && member.PersonId == person.Id,
                http.RequestAborted
            )
        )
            database.Memberships.Add(
                new Membership
                {
                    SiteId = found.SiteId,
                    PersonId = person.Id,
                    Role = found.Role,
                }
            );
        foreach (var step in steps)
            await step.JoinAsync(database, found.SiteId, person.Id, found.Role, http.RequestAborted);
        database.Invitations.Remove(found);
        await acts.AddAsync(
            found.SiteId,
            person.Id,
            $"joined as {RoleNames.Of(found.Role)}",
            null,
            http.RequestAborted
        );
        await database.SaveChangesAsync(http.RequestAborted);
        await sessions.BeginAsync(person);
        return TypedResults.Ok(new JoinedView(found.SiteId));
    }

    // Whoever holds the link: the owner of an account, who knows its password, or somebody new.
    private static async Task<(Person? Person, ValidationProblem? Refused)> WhoAsync(
        Invitation invitation,
        string key,
        AcceptRequest request,
        HttpContext http,
        UserManager<Person> people,
        SignInPace pace,
        Sessions sessions
    )
    {
        var person = await people.FindByEmailAsync(invitation.Mail);
        if (AsksForPassword(person, invitation, key))
        {
            // Holding the link is not enough where there is an account: its owner knows the password.
            return await pace.CheckAsync(invitation.Mail, request.Password, http.Connection.RemoteIpAddress) is null
                ? (null, FieldProblem.For("password", "This is not the password of your account."))
                : (person, null);
        }

        if (string.IsNullOrWhiteSpace(request.Name))
            return (null, FieldProblem.For("name", "Enter your name."));
        var (made, refusal) = await MakeAsync(
            person,
            request.Name.Trim(),
            invitation,
            key,
            request.Password,
            people,
            sessions
        );
        return made is null ? (null, FieldProblem.For("password", refusal!)) : (made, null);
    }

    private static async Task<(Person? Person, string? Refusal)> MakeAsync(
        Person? unproven,
        string name,
        Invitation invitation,
        string key,
        string password,
        UserManager<Person> people,
        Sessions sessions
    )
    {
        var isProven = invitation.Hash == TokenHash.Of(key);
        if (unproven is null)
        {
            var person = new Person
            {
                UserName = invitation.Mail,
                Email = invitation.Mail,
                DisplayName = name,
                EmailConfirmed = isProven,
            };
            var made = await people.CreateAsync(person, password);
            return made.Succeeded
                ? (person, null)
                : (null, string.Join(" ", made.Errors.Select(error => error.Description)));
        }

        // Whoever made it knew a password and may be signed in; both end.
        await people.RemovePasswordAsync(unproven);
        var set = await people.AddPasswordAsync(unproven, password);
        if (!set.Succeeded)
            return (null, string.Join(" ", set.Errors.Select(error => error.Description)));
        await sessions.EndAllAsync(unproven.Id);
        (unproven.DisplayName, unproven.EmailConfirmed) = (name, true);
        await people.UpdateAsync(unproven);
        return (unproven, null);
    }

    private static Task<Invitation?> FindAsync(
        string key,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var (hash, now) = (TokenHash.Of(key), clock.GetUtcNow());
        return database
            .Invitations.Include(invitation => invitation.Site)
            .Include(invitation => invitation.By)
            .FirstOrDefaultAsync(
                invitation => (invitation.Hash == hash || invitation.HandHash == hash) && invitation.ExpiresAt > now,
                cancellation
            );
    }
}

/// <summary>An invitation that was not answered yet.</summary>
internal sealed record InvitationView(
    long Id,
    string Mail,
    SiteRole Role,
    DateTimeOffset CreatedAt,
    DateTimeOffset ExpiresAt
);

/// <summary>Somebody to invite.</summary>
/// <param name="Mail">Their address.</param>
/// <param name="Role">What they may do.</param>
/// <param name="Days">Days the link is valid, 1 to 60; 14 when null.</param>
internal sealed record InvitationRequest(string Mail, SiteRole Role, int? Days = null);

/// <summary>An invitation that was made.</summary>
/// <param name="Id">Key.</param>
/// <param name="Mail">Whom.</param>
/// <param name="Role">What they may do.</param>
/// <param name="ExpiresAt">When its links end.</param>
/// <param name="Link">A link to pass on by hand; shown this once.</param>
internal sealed record InvitedLinkView(long Id, string Mail, SiteRole Role, DateTimeOffset ExpiresAt, string Link);

/// <summary>What somebody is invited to.</summary>
/// <param name="HasAccount">Whether the address has an account, whose password then joins.</param>
internal sealed record InvitedView(string SiteName, string? By, string Mail, SiteRole Role, bool HasAccount);

/// <summary>Joining: a name for a new account, and the password of the account, new or known.</summary>
internal sealed record AcceptRequest(string? Name, string Password);

/// <summary>The site somebody joined.</summary>
internal sealed record JoinedView(long SiteId);

/// <summary>Rules for an invitation.</summary>
internal sealed class InvitationValidator : AbstractValidator<InvitationRequest>
{
    public InvitationValidator()
    {
        RuleFor(invitation => invitation.Mail)
            .Must(MailAddresses.IsOne)
            .WithMessage("Enter a mail address such as name@site.example.");
        RuleFor(invitation => invitation.Role).IsInEnum();
        RuleFor(invitation => invitation.Days).InclusiveBetween(1, 60).WithMessage("Choose 1 to 60 days.");
    }
}

/// <summary>Rules for joining.</summary>
internal sealed class AcceptValidator : AbstractValidator<AcceptRequest>
{
    public AcceptValidator()
    {
        RuleFor(join => join.Name).MaximumLength(100).WithMessage("Use at most 100 characters.");
        RuleFor(join => join.Password)
            .NotEmpty()
            .MinimumLength(10)
            .WithMessage("Use at least ten characters; a short sentence is easiest to keep in mind.")
            .MaximumLength(200);
    }
}
