using Antiphon.Core.Sites;
using Antiphon.Data.Sites;

namespace Antiphon.Server.Platform.Access;

/// <summary>Whom a route is for. Every route says so beside its mapping.</summary>
/// <param name="Audience">Whom.</param>
/// <param name="Right">The right on the site it asks for; null where it belongs to no site.</param>
internal sealed record AccessNeeded(Audience Audience, SiteRight? Right = null);

/// <summary>Whom a route is for.</summary>
internal enum Audience
{
    /// <summary>Everybody on the web; what is behind it is public, or opened by a key in the address.</summary>
    Anybody,

    /// <summary>Everybody with an account.</summary>
    SignedIn,

    /// <summary>People of a site whose role has a right.</summary>
    Members,
}

/// <summary>Declarations of routes.</summary>
internal static class AccessDeclarations
{
    /// <summary>For people of the site whose role has this right.</summary>
    public static TBuilder Needs<TBuilder>(this TBuilder builder, SiteRight right)
        where TBuilder : IEndpointConventionBuilder => builder.WithMetadata(new AccessNeeded(Audience.Members, right));

    /// <summary>For everybody on the web.</summary>
    public static TBuilder ForAnybody<TBuilder>(this TBuilder builder)
        where TBuilder : IEndpointConventionBuilder => builder.WithMetadata(new AccessNeeded(Audience.Anybody));

    /// <summary>For everybody with an account.</summary>
    public static TBuilder ForSignedIn<TBuilder>(this TBuilder builder)
        where TBuilder : IEndpointConventionBuilder => builder.WithMetadata(new AccessNeeded(Audience.SignedIn));

    /// <summary>The membership found by <see cref="SiteAccess"/>.</summary>
    public static Membership Member(this HttpContext http) =>
        http.Features.Get<Membership>()
        ?? throw new InvalidOperationException("The endpoint does not belong to a site.");
}
