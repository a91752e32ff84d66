namespace Antiphon.Server.Listings.Styles;

/// <summary>Looks of listings.</summary>
internal static class LooksRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddLooks(this WebApplicationBuilder builder) => builder.Services.AddScoped<PageLooks>();
}
