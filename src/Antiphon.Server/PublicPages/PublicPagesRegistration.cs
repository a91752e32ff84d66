using Antiphon.Server.PublicPages.Blogs;
using Antiphon.Server.PublicPages.Posts;

namespace Antiphon.Server.PublicPages;

/// <summary>The pages of blogs and posts for readers.</summary>
internal static class PublicPagesRegistration
{
    /// <summary>Registers what fills them.</summary>
    public static void AddPublicPages(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<PostPageReader>();
        builder.Services.AddScoped<BlogPageReader>();
        builder.Services.AddScoped<BlogHostCheck>();
        builder.Services.AddSingleton<BlogPageMarkup>();
    }
}
