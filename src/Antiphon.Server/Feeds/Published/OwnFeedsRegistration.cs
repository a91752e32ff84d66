using Antiphon.Server.Feeds.Published.Lists;

namespace Antiphon.Server.Feeds.Published;

/// <summary>The feeds we publish.</summary>
internal static class OwnFeedsRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddOwnFeeds(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<PostItems>();
        builder.Services.AddScoped<BlogFeed>();
        builder.Services.AddScoped<ListingFeed>();
        builder.Services.AddScoped<CommentFeed>();
        builder.Services.AddScoped<OwnFeedReader>();
        builder.Services.AddScoped<OwnFeedList>();
        builder.Services.AddScoped<PartFeedList>();
        builder.Services.AddScoped<OwnFeedHealth>();
    }
}
