using Antiphon.Server.Mailing.Planning;
using Antiphon.Server.Mailing.Returns;
using Antiphon.Server.Mailing.Sending;
using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Work;

namespace Antiphon.Server.Mailing;

/// <summary>Mail to subscribers.</summary>
internal static class DigestsRegistration
{
    /// <summary>Registers what makes, sends and shows digests and takes what comes back.</summary>
    public static void AddDigests(this WebApplicationBuilder builder)
    {
        var services = builder.Services;
        services.AddSingleton<ReturnReader>();
        services.AddScoped<ReturnKeeping>();
        services.AddHostedService<ReturnMailbox>();
        services.AddSingleton<DeliverySignal>();
        services.AddSingleton<GatheringSignal>();
        services.AddScoped<EditionGathering>();
        services.AddSingleton<SubscriberMessage>();
        services.AddScoped<SiteColours>();
        services.AddScoped<EditionLinks>();
        services.AddScoped<EditionMails>();
        services.AddScoped<DigestPlanner>();
        services.AddScoped<IChangePlanner>(provider => provider.GetRequiredService<DigestPlanner>());
        services.AddScoped<DigestPreviews>();
        services.AddScoped<PostMailForecast>();
        services.AddScoped<DigestReach>();
        services.AddScoped<MailActs>();
        services.AddWorker<DigestWorker>();
        services.AddWorker<EditionWorker>();
        services.AddWorker<DeliveryWorker>();
    }
}
