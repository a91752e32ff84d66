using Antiphon.Server.Work;

namespace Antiphon.Server.Mentions;

/// <summary>What other sites say of posts.</summary>
internal static class MentionsRegistration
{
    /// <summary>Registers taking, reading and showing.</summary>
    public static void AddMentions(this WebApplicationBuilder builder)
    {
        builder
            .Services.AddOptions<MentionOptions>()
            .BindConfiguration("Mentions")
            .ValidateDataAnnotations()
            .ValidateOnStart();
        builder.Services.AddSingleton<MentionSignal>();
        builder.Services.AddScoped<MentionTaking>();
        builder.Services.AddScoped<MentionVisit>();
        builder.Services.AddScoped<MentionComments>();
        builder.Services.AddWorker<MentionWorker>();
    }
}
