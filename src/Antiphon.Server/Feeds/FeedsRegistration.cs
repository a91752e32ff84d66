namespace Antiphon.Server.Feeds;

/// <summary>Our feeds and the check of any feed.</summary>
internal static class FeedsRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddFeeds(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<BlogFeed>();
        builder.Services.AddScoped<FeedCheckService>();
    }
}
