using System.Globalization;
using System.Security.Claims;

namespace Antiphon.Server.Platform.Access;

/// <summary>Who is asking.</summary>
internal static class CurrentPerson
{
    /// <summary>The person's id; only after authorisation, where there always is one.</summary>
    public static long PersonId(this ClaimsPrincipal principal) =>
        long.Parse(principal.FindFirstValue(ClaimTypes.NameIdentifier)!, CultureInfo.InvariantCulture);
}
