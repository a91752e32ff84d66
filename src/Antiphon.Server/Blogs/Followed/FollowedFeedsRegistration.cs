using Antiphon.Server.Work;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>Visiting followed feeds and listening to hubs.</summary>
internal static class FollowedFeedsRegistration
{
    /// <summary>Registers visits, subscriptions and the worker.</summary>
    public static void AddFollowedFeeds(this WebApplicationBuilder builder)
    {
        builder
            .Services.AddOptions<FollowingOptions>()
            .BindConfiguration("Following")
            .ValidateDataAnnotations()
            .ValidateOnStart();
        builder.Services.AddSingleton<HubAskSignal>();
        builder.Services.AddTransient<HubSubscriber>();
        builder.Services.AddTransient<FeedVisit>();
        builder.Services.AddScoped<FollowedFeedReader>();
        builder.Services.AddScoped<SubscriptionListImport>();
        builder.Services.AddWorker<FollowingWorker>();
        builder.Services.AddWorker<HubWork>();
    }
}
