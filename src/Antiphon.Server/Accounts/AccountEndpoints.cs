using System.Security.Claims;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Hosting;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Accounts;

/// <summary>/api/session, /api/setup and /api/tokens.</summary>
internal static class AccountEndpoints
{
    /// <summary>Maps the area.</summary>
    public static void MapAccounts(this WebApplication app)
    {
        var api = app.MapGroup("/api").WithTags("Accounts");
        api.MapGet("/session", GetSession).WithName("getSession");
        api.MapPost("/session", SignIn).Validate<SignInRequest>().RequireRateLimiting(RateLimits.SignIn).WithName("signIn");
        api.MapDelete("/session", SignOut).WithName("signOut");
        api.MapPost("/setup", SetUp).Validate<SetupRequest>().RequireRateLimiting(RateLimits.SignIn).WithName("setUp");
        var tokens = api.MapGroup("/tokens").RequireAuthorization();
        tokens.MapGet("", ListTokens).WithName("listTokens");
        tokens.MapPost("", MakeToken).Validate<NewTokenRequest>().WithName("makeToken");
        tokens.MapDelete("/{token:long}", RevokeToken).WithName("revokeToken");
    }

    private static async Task<Ok<SessionView>> GetSession(HttpContext http, UserManager<Person> people, IAntiforgery antiforgery, AntiphonContext database)
    {
        var person = http.User.Identity?.IsAuthenticated == true ? await people.FindByIdAsync(http.User.FindFirstValue(ClaimTypes.NameIdentifier)!) : null;
        var needsSetup = person is null && !await database.Users.AnyAsync(http.RequestAborted);
        var token = antiforgery.GetAndStoreTokens(http).RequestToken!;
        http.Response.Headers.CacheControl = "no-store";
        return TypedResults.Ok(new SessionView(needsSetup, person is null ? null : new PersonView(person.Id, person.DisplayName, person.Email!), token));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> SignIn(SignInRequest request, SignInManager<Person> signIn)
    {
        signIn.AuthenticationScheme = IdentityConstants.ApplicationScheme;
        var result = await signIn.PasswordSignInAsync(request.Mail.Trim(), request.Password, isPersistent: true, lockoutOnFailure: true);
        if (result.Succeeded) return TypedResults.NoContent();
        return result.IsLockedOut
            ? TypedResults.Problem("Wait five minutes and try again.", title: "Too many wrong passwords for this address.", statusCode: StatusCodes.Status423Locked, type: "locked-out")
            : TypedResults.Problem("Check both; passwords tell small and capital letters apart.", title: "Mail address and password do not go together.", statusCode: StatusCodes.Status401Unauthorized, type: "wrong-password");
    }

    private static async Task<NoContent> SignOut(SignInManager<Person> signIn)
    {
        signIn.AuthenticationScheme = IdentityConstants.ApplicationScheme;
        await signIn.SignOutAsync();
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> SetUp(
        SetupRequest request, UserManager<Person> people, SignInManager<Person> signIn, AntiphonContext database)
    {
        if (await database.Users.AnyAsync()) return TypedResults.Problem("Sign in instead.", title: "This installation has an owner already.", statusCode: StatusCodes.Status409Conflict);
        var person = new Person { UserName = request.Mail.Trim(), Email = request.Mail.Trim(), DisplayName = request.Name.Trim(), LockoutEnabled = true };
        var made = await people.CreateAsync(person, request.Password);
        if (!made.Succeeded) return FieldProblem.For("mail", string.Join(" ", made.Errors.Select(error => error.Description)));
        signIn.AuthenticationScheme = IdentityConstants.ApplicationScheme;
        await signIn.SignInAsync(person, isPersistent: true);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<List<TokenView>>> ListTokens(ClaimsPrincipal user, AntiphonContext database)
    {
        var id = user.PersonId();
        return TypedResults.Ok(await database.ApiTokens.Where(token => token.PersonId == id).OrderBy(token => token.Id)
            .Select(token => new TokenView(token.Id, token.Name, token.CreatedAt, token.LastUsedAt)).ToListAsync());
    }

    private static async Task<Ok<NewTokenView>> MakeToken(NewTokenRequest request, ClaimsPrincipal user, AntiphonContext database, IKeySource keys, TimeProvider clock)
    {
        var value = keys.NewKey(40);
        var token = new ApiToken { PersonId = user.PersonId(), Name = request.Name.Trim(), Hash = TokenHash.Of(value), CreatedAt = clock.GetUtcNow() };
        database.ApiTokens.Add(token);
        await database.SaveChangesAsync();
        return TypedResults.Ok(new NewTokenView(token.Id, token.Name, value));
    }

    private static async Task<Results<NoContent, NotFound>> RevokeToken(long token, ClaimsPrincipal user, AntiphonContext database)
    {
        var id = user.PersonId();
        var removed = await database.ApiTokens.Where(one => one.Id == token && one.PersonId == id).ExecuteDeleteAsync();
        return removed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }
}
