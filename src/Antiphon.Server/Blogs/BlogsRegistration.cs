namespace Antiphon.Server.Blogs;

/// <summary>Connecting and following blogs.</summary>
internal static class BlogsRegistration
{
    /// <summary>Registers discovery.</summary>
    public static void AddBlogs(this WebApplicationBuilder builder)
    {
        builder.Services.AddTransient<BlogDiscovery>();
        builder.Services.AddScoped<BlogRemoval>();
    }
}
