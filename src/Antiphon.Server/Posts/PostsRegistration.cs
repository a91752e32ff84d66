namespace Antiphon.Server.Posts;

/// <summary>Writing and publishing posts.</summary>
internal static class PostsRegistration
{
    /// <summary>Registers publishing and versions.</summary>
    public static void AddPosts(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<PostPublisher>();
        builder.Services.AddScoped<PostVersions>();
        builder.Services.AddSingleton<PostAddresses>();
        builder.Services.AddHostedService<ScheduledPublishing>();
    }
}
