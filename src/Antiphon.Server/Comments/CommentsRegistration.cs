using Antiphon.Server.Comments.Commenters;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Comments.Following;
using Antiphon.Server.Comments.Markup;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Comments.Notifying;
using Antiphon.Server.Comments.Placing;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Comments.Transfer;
using Antiphon.Server.Sites;
using Antiphon.Server.Work;

namespace Antiphon.Server.Comments;

/// <summary>Threads and moderation.</summary>
internal static class CommentsRegistration
{
    /// <summary>Registers writing, deciding and what readers do.</summary>
    public static void AddComments(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<CommenterKeys>();
        builder.Services.AddSingleton<SiteFilters>();
        builder.Services.AddSingleton<SiteTrials>();
        builder.Services.AddScoped<ThreadReader>();
        builder.Services.AddScoped<ThreadPages>().AddScoped<BakedComments>();
        builder.Services.AddSingleton<ThreadRenders>();
        builder.Services.AddScoped<ThreadOpening>();
        builder.Services.AddScoped<CommentWriting>();
        builder.Services.AddScoped<CommentPictures>();
        builder.Services.AddScoped<CommentFactsReader>();
        builder.Services.AddScoped<CommentVoting>();
        builder.Services.AddScoped<QueueReader>();
        builder.Services.AddScoped<ConversationReader>();
        builder.Services.AddScoped<CommentDecisions>();
        builder.Services.AddScoped<CommentPlaces>();
        builder.Services.AddScoped<CommentErasing>();
        builder.Services.AddScoped<DeedRecord>();
        builder.Services.AddScoped<WriterMarks>();
        builder.Services.AddScoped<CommenterNotifier>();
        builder.Services.AddSingleton<IJoinStep, PreferenceOnJoining>();
        builder.Services.AddScoped<CommenterConfirmation>();
        builder.Services.AddScoped<CommentImport>();
        builder.Services.AddScoped<ThreadMoves>();
        builder.Services.AddScoped<OwnComments>();
        builder.Services.AddWorker<ModeratorNotices>();
        builder.Services.AddHostedService<PlaceClearing>();
        builder.Services.AddHostedService<DeletedClearing>();
    }
}
