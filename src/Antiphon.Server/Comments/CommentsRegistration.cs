namespace Antiphon.Server.Comments;

/// <summary>Threads and moderation.</summary>
internal static class CommentsRegistration
{
    /// <summary>Registers writing.</summary>
    public static void AddComments(this WebApplicationBuilder builder) => builder.Services.AddScoped<CommentWriting>();
}
