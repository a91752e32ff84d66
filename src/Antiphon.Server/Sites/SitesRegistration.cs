using Antiphon.Server.Platform.Access;

namespace Antiphon.Server.Sites;

/// <summary>Sites and their people.</summary>
internal static class SitesRegistration
{
    /// <summary>Registers the record of who did what.</summary>
    public static void AddSites(this WebApplicationBuilder builder) => builder.Services.AddScoped<ActRecord>();
}
