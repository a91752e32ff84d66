using System.Security.Claims;
using System.Text.Encodings.Web;
using Antiphon.Data;
using Microsoft.AspNetCore.Authentication;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>"Authorization: Bearer …" with a personal token.</summary>
internal sealed class TokenAuthentication(
    IOptionsMonitor<AuthenticationSchemeOptions> options,
    ILoggerFactory logger,
    UrlEncoder encoder,
    AntiphonContext database
) : AuthenticationHandler<AuthenticationSchemeOptions>(options, logger, encoder)
{
    /// <summary>Name of the scheme.</summary>
    public const string SchemeName = "token";

    private const string Prefix = "Bearer ";
    private static readonly TimeSpan UseIsNotedEvery = TimeSpan.FromMinutes(1);

    /// <inheritdoc/>
    protected override async Task<AuthenticateResult> HandleAuthenticateAsync()
    {
        var header = Request.Headers.Authorization.ToString();
        if (!header.StartsWith(Prefix, StringComparison.OrdinalIgnoreCase))
            return AuthenticateResult.Fail("Send the token as \"Bearer …\".");
        var hash = TokenHash.Of(header[Prefix.Length..].Trim());
        var token = await database
            .ApiTokens.AsNoTracking()
            .FirstOrDefaultAsync(apiToken => apiToken.Hash == hash, Context.RequestAborted);
        if (token is null)
            return AuthenticateResult.Fail("The token is unknown or was revoked.");
        var now = TimeProvider.GetUtcNow();
        if (token.LastUsedAt is null || now - token.LastUsedAt > UseIsNotedEvery)
        {
            await database
                .ApiTokens.Where(apiToken => apiToken.Id == token.Id)
                .ExecuteUpdateAsync(
                    set => set.SetProperty(apiToken => apiToken.LastUsedAt, now),
                    Context.RequestAborted
                );
        }

        var id = token.PersonId.ToString(System.Globalization.CultureInfo.InvariantCulture);
        var identity = new ClaimsIdentity([new Claim(ClaimTypes.NameIdentifier, id)], SchemeName);
        return AuthenticateResult.Success(new AuthenticationTicket(new ClaimsPrincipal(identity), SchemeName));
    }
}
