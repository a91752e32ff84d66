using System.Security.Claims;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Accounts;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>/api/session, /api/setup and /api/tokens.</summary>
internal static class AccountEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapAccounts(this WebApplication app)
    {
        var api = app.MapGroup("/api").WithTags("Accounts");
        api.MapGet("/session", GetSession).ForAnybody().WithName("getSession");
        api.MapPost("/session", SignIn)
            .Validate<SignInRequest>()
            .RequireRateLimiting(RateLimits.SignIn)
            .ForAnybody()
            .WithName("signIn");
        api.MapDelete("/session", SignOut).ForAnybody().WithName("signOut");
        api.MapPost("/setup", SetUp)
            .Validate<SetupRequest>()
            .RequireRateLimiting(RateLimits.SignIn)
            .ForAnybody()
            .WithName("setUp");
        var tokens = api.MapGroup("/tokens").RequireAuthorization();
        tokens.MapGet("", ListTokens).ForSignedIn().WithName("listTokens");
        tokens.MapPost("", MakeToken).Validate<NewTokenRequest>().ForSignedIn().WithName("makeToken");
        tokens.MapDelete("/{token:long}", RevokeToken).ForSignedIn().WithName("revokeToken");
    }

    private static async Task<Ok<SessionView>> GetSession(
        HttpContext http,
        UserManager<Person> people,
        IAntiforgery antiforgery,
        AntiphonContext database
    )
    {
        var person =
            http.User.Identity?.IsAuthenticated == true
                ? await people.FindByIdAsync(http.User.FindFirstValue(ClaimTypes.NameIdentifier)!)
                : null;
        if (person is not null && person.Language != TeamTexts.Language)
            await database
                .Users.Where(row => row.Id == person.Id)
                .ExecuteUpdateAsync(
                    set => set.SetProperty(row => row.Language, TeamTexts.Language),
                    http.RequestAborted
                );
        var needsSetup = person is null && !await database.Users.AnyAsync(http.RequestAborted);
        var token = antiforgery.GetAndStoreTokens(http).RequestToken!;
        http.Response.Headers.CacheControl = "no-store";
        return TypedResults.Ok(
            new SessionView(
                needsSetup,
                person is null ? null : new PersonView(person.Id, person.DisplayName, person.Email!),
                token
            )
        );
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> SignIn(
        SignInRequest request,
        HttpContext http,
        SignInPace pace,
        Sessions sessions
    )
    {
        var from = http.Connection.RemoteIpAddress;
        if (await pace.WaitOfAsync(from) is { } wait)
        {
            http.Response.Headers.RetryAfter = ((int)Math.Ceiling(Math.Max(1, wait.TotalSeconds))).ToString(
                System.Globalization.CultureInfo.InvariantCulture
            );
            return TypedResults.Problem(
                "Wait a quarter of an hour and try again.",
                title: "Too many wrong passwords came from your network.",
                statusCode: StatusCodes.Status429TooManyRequests,
                type: "too-many-tries"
            );
        }

        if (await pace.CheckAsync(request.Mail, request.Password, from) is not { } person)
            return TypedResults.Problem(
                "Check both. Passwords are case-sensitive.",
                title: "Email address or password is incorrect.",
                statusCode: StatusCodes.Status401Unauthorized,
                type: "wrong-password"
            );
        await sessions.BeginAsync(person);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> SignOut(ClaimsPrincipal user, Sessions sessions)
    {
        await sessions.EndAsync(user);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> SetUp(
        SetupRequest request,
        UserManager<Person> people,
        Sessions sessions,
        SetupKey key,
        AntiphonContext database
    )
    {
        if (!await database.Users.AnyAsync() && !key.Fits(request.Key))
            return FieldProblem.For(
                "key",
                "This is not the set-up key. You find it in the log of the server, and in the file setup-key in its data folder."
            );
        // SQLite lets one transaction write at a time, and this one writes first: of several at once, one finds nobody.
        await using var transaction = await database.Database.BeginTransactionAsync();
        await database.SignInFailures.ExecuteDeleteAsync();
        if (await database.Users.AnyAsync())
            return TypedResults.Problem(
                "Sign in instead.",
                title: "This installation has an owner already.",
                statusCode: StatusCodes.Status409Conflict
            );
        var person = new Person
        {
            UserName = request.Mail.Trim(),
            Email = request.Mail.Trim(),
            DisplayName = request.Name.Trim(),
            EmailConfirmed = true,
        };
        var made = await people.CreateAsync(person, request.Password);
        if (!made.Succeeded)
            return FieldProblem.For("mail", string.Join(" ", made.Errors.Select(error => error.Description)));
        await sessions.BeginAsync(person);
        await transaction.CommitAsync();
        key.Forget();
        return TypedResults.NoContent();
    }

    private static async Task<Ok<List<TokenView>>> ListTokens(ClaimsPrincipal user, AntiphonContext database)
    {
        var id = user.PersonId();
        return TypedResults.Ok(
            await database
                .ApiTokens.Where(token => token.PersonId == id)
                .OrderBy(token => token.Id)
                .Select(token => new TokenView(token.Id, token.Name, token.CreatedAt, token.LastUsedAt))
                .ToListAsync()
        );
    }

    private static async Task<Ok<NewTokenView>> MakeToken(
        NewTokenRequest request,
        ClaimsPrincipal user,
        AntiphonContext database,
        IKeySource keys,
        TimeProvider clock
    )
    {
        var value = keys.NewKey(40);
        var token = new ApiToken
        {
            PersonId = user.PersonId(),
            Name = request.Name.Trim(),
            Hash = TokenHash.Of(value),
            CreatedAt = clock.GetUtcNow(),
        };
        database.ApiTokens.Add(token);
        await database.SaveChangesAsync();
        return TypedResults.Ok(new NewTokenView(token.Id, token.Name, value));
    }

    private static async Task<Results<NoContent, NotFound>> RevokeToken(
        long token,
        ClaimsPrincipal user,
        AntiphonContext database
    )
    {
        var id = user.PersonId();
        var removed = await database
            .ApiTokens.Where(apiToken => apiToken.Id == token && apiToken.PersonId == id)
            .ExecuteDeleteAsync();
        return removed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }
}
