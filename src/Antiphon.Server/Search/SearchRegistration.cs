namespace Antiphon.Server.Search;

/// <summary>Finding posts by their words.</summary>
internal static class SearchRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddSearch(this WebApplicationBuilder builder) => builder.Services.AddScoped<PostTextSearch>();
}
