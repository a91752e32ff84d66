using System.Security.Claims;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Accounts;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>
/// Where people are signed in. A cookie counts only while its place is kept here, so that signing out ends it wherever
/// a copy of it may be.
/// </summary>
internal sealed class Sessions(
    AntiphonContext database,
    SignInManager<Person> signIn,
    IKeySource keys,
    TimeProvider clock
)
{
    private const string KeyClaim = "session";
    private static readonly TimeSpan SeenIsNotedEvery = TimeSpan.FromHours(1);

    /// <summary>Signs somebody in here.</summary>
    public async Task BeginAsync(Person person)
    {
        var (key, now) = (keys.NewKey(40), clock.GetUtcNow());
        database.Sessions.Add(
            new Session
            {
                PersonId = person.Id,
                Hash = TokenHash.Of(key),
                CreatedAt = now,
                SeenAt = now,
            }
        );
        await database.SaveChangesAsync();
        signIn.AuthenticationScheme = IdentityConstants.ApplicationScheme;
        await signIn.SignInWithClaimsAsync(person, isPersistent: true, [new Claim(KeyClaim, key)]);
    }

    /// <summary>Signs out here.</summary>
    public async Task EndAsync(ClaimsPrincipal principal)
    {
        if (HashOf(principal) is { } hash)
            await database.Sessions.Where(session => session.Hash == hash).ExecuteDeleteAsync();
        signIn.AuthenticationScheme = IdentityConstants.ApplicationScheme;
        await signIn.SignOutAsync();
    }

    /// <summary>Ends all places and tokens of somebody whose password is another one now.</summary>
    public async Task EndAllAsync(long person)
    {
        await database.Sessions.Where(session => session.PersonId == person).ExecuteDeleteAsync();
        await database.ApiTokens.Where(token => token.PersonId == person).ExecuteDeleteAsync();
    }

    /// <summary>Rejects a cookie whose place was ended, or whose person changed.</summary>
    public static async Task ValidateAsync(CookieValidatePrincipalContext context)
    {
        await SecurityStampValidator.ValidatePrincipalAsync(context);
        if (context.Principal is not { } principal)
            return;
        if (await context.HttpContext.RequestServices.GetRequiredService<Sessions>().IsKeptAsync(principal))
            return;
        context.RejectPrincipal();
        await context.HttpContext.SignOutAsync(IdentityConstants.ApplicationScheme);
    }

    private async Task<bool> IsKeptAsync(ClaimsPrincipal principal)
    {
        if (
            HashOf(principal) is not { } hash
            || await database.Sessions.AsNoTracking().FirstOrDefaultAsync(session => session.Hash == hash)
                is not { } kept
        )
            return false;
        var now = clock.GetUtcNow();
        if (now - kept.SeenAt > SeenIsNotedEvery)
            await database
                .Sessions.Where(session => session.Id == kept.Id)
                .ExecuteUpdateAsync(set => set.SetProperty(session => session.SeenAt, now));
        return true;
    }

    private static string? HashOf(ClaimsPrincipal principal) =>
        principal.FindFirstValue(KeyClaim) is { } key ? TokenHash.Of(key) : null;
}
