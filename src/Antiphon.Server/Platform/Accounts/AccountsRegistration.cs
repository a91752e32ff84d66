using Antiphon.Data;
using Antiphon.Data.Accounts;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>Signing in by cookie and by token.</summary>
internal static class AccountsRegistration
{
    /// <summary>Scheme that picks the token when one is sent and the cookie otherwise.</summary>
    public const string AnyScheme = "any";

    /// <summary>Registers Identity, both schemes and antiforgery.</summary>
    public static void AddAccounts(this WebApplicationBuilder builder)
    {
        var services = builder.Services;
        services
            .AddIdentityCore<Person>(options =>
            {
                options.Password.RequiredLength = 10;
                options.Password.RequireDigit = false;
                options.Password.RequireLowercase = false;
                options.Password.RequireUppercase = false;
                options.Password.RequireNonAlphanumeric = false;
                options.User.RequireUniqueEmail = true;
                options.User.AllowedUserNameCharacters = string.Empty;
            })
            .AddEntityFrameworkStores<AntiphonContext>()
            .AddSignInManager();
        services
            .AddAuthentication(AnyScheme)
            .AddPolicyScheme(AnyScheme, null, options =>
                options.ForwardDefaultSelector = context =>
                    context.Request.Headers.Authorization.Count > 0
                        ? TokenAuthentication.SchemeName
                        : IdentityConstants.ApplicationScheme
            )
            .AddScheme<AuthenticationSchemeOptions, TokenAuthentication>(TokenAuthentication.SchemeName, null)
            .AddCookie(IdentityConstants.ApplicationScheme, ConfigureCookie);
        services
            .AddOptions<CookieAuthenticationOptions>(IdentityConstants.ApplicationScheme)
            .PostConfigure<IOptions<AntiphonOptions>>(
                (cookie, antiphon) => OwnCookies.Secure(cookie.Cookie, antiphon.Value)
            );
        services
            .AddOptions<AntiforgeryOptions>()
            .PostConfigure<IOptions<AntiphonOptions>>(
                (antiforgery, antiphon) => OwnCookies.Secure(antiforgery.Cookie, antiphon.Value)
            );
        services.AddAuthorization();
        services.AddOptions<AccountOptions>().BindConfiguration("Accounts").ValidateDataAnnotations().ValidateOnStart();
        services.AddScoped<SetupKey>();
        services.AddScoped<Sessions>();
        services.AddScoped<SignInPace>();
        services.AddAntiforgery(options =>
        {
            options.HeaderName = AntiforgeryGate.Header;
            options.Cookie.Name = "antiphon-antiforgery";
            options.Cookie.SameSite = SameSiteMode.Strict;
            options.SuppressXFrameOptionsHeader = true;
        });
    }

    private static void ConfigureCookie(CookieAuthenticationOptions options)
    {
        options.Cookie.Name = "antiphon-session";
        options.Cookie.HttpOnly = true;
        options.Cookie.SameSite = SameSiteMode.Lax;
        options.ExpireTimeSpan = TimeSpan.FromDays(14);
        options.SlidingExpiration = true;
        options.Events.OnRedirectToLogin = context => Answer(context.Response, StatusCodes.Status401Unauthorized);
        options.Events.OnRedirectToAccessDenied = context => Answer(context.Response, StatusCodes.Status403Forbidden);
        options.Events.OnValidatePrincipal = Sessions.ValidateAsync;
    }

    private static Task Answer(HttpResponse response, int status)
    {
        response.StatusCode = status;
        return Task.CompletedTask;
    }

    /// <summary>Makes the key by which an installation without an owner is set up.</summary>
    public static async Task PrepareSetupKeyAsync(this WebApplication app)
    {
        await using var scope = app.Services.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<SetupKey>().PrepareAsync(CancellationToken.None);
    }
}
