using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Posts.Editing;
using Antiphon.Server.Posts.Lists;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Posts.Terms;
using Antiphon.Server.Posts.Versions;
using Antiphon.Server.Work;

namespace Antiphon.Server.Posts;

/// <summary>Writing and publishing posts.</summary>
internal static class PostsRegistration
{
    /// <summary>Registers saving, publishing, versions and changes to many.</summary>
    public static void AddPosts(this WebApplicationBuilder builder)
    {
        builder.Services.AddScoped<PostPublisher>();
        builder.Services.AddScoped<PostVersions>();
        builder.Services.AddScoped<PostSaving>();
        builder.Services.AddScoped<PostCommit>();
        builder.Services.AddScoped<ReviewNews>();
        builder.Services.AddScoped<BulkChanges>();
        builder.Services.AddScoped<OwnFieldReader>();
        builder.Services.AddScoped<TermRenaming>();
        builder.Services.AddHostedService<BinClearing>();
        builder.Services.AddSingleton<PostAddresses>();
        builder.Services.AddScoped<PostThreads>();
        builder.Services.AddScoped<CurrentPostFinder>();
        builder.Services.AddSingleton<PostFactsReader>();
        builder.Services.AddSingleton<ChannelTargets>();
        builder.Services.AddSingleton<PostChangeSignal>();
        builder.Services.AddScoped<IChangePlanner, ThreadPlanner>();
        builder.Services.AddWorker<PostChangeWork>();
        builder.Services.AddWorker<ScheduledWork>();
    }
}
