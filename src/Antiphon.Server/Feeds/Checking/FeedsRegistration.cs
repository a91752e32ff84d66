namespace Antiphon.Server.Feeds.Checking;

/// <summary>Checking, repairing and converting any feed.</summary>
internal static class FeedsRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddFeeds(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<ServedProbe>();
        builder.Services.AddScoped<FeedCheckService>();
    }
}
