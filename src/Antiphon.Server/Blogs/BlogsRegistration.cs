namespace Antiphon.Server.Blogs;

/// <summary>Connecting and following blogs.</summary>
internal static class BlogsRegistration
{
    /// <summary>Registers discovery, visits and the worker.</summary>
    public static void AddBlogs(this WebApplicationBuilder builder)
    {
        builder.Services.AddOptions<FollowingOptions>().BindConfiguration("Following").ValidateDataAnnotations().ValidateOnStart();
        builder.Services.AddScoped<BlogHomes>();
        builder.Services.AddTransient<BlogDiscovery>();
        builder.Services.AddTransient<FeedVisit>();
        builder.Services.AddHostedService<FollowingWorker>();
    }
}
