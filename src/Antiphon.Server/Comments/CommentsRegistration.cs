using Antiphon.Server.Comments.Filtering;

namespace Antiphon.Server.Comments;

/// <summary>Threads and moderation.</summary>
internal static class CommentsRegistration
{
    /// <summary>Registers writing, deciding and what readers do.</summary>
    public static void AddComments(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<ReaderKeys>();
        builder.Services.AddSingleton<SiteFilters>();
        builder.Services.AddSingleton<SiteTrials>();
        builder.Services.AddScoped<CommentWriting>();
        builder.Services.AddScoped<CommentFactsReader>();
        builder.Services.AddScoped<ReaderVoices>();
        builder.Services.AddHostedService<PlaceClearing>();
    }
}
