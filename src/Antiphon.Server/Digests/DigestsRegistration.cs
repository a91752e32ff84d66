namespace Antiphon.Server.Digests;

/// <summary>Mail to subscribers.</summary>
internal static class DigestsRegistration
{
    /// <summary>Registers what makes, sends and shows digests.</summary>
    public static void AddDigests(this WebApplicationBuilder builder)
    {
        var services = builder.Services;
        services.AddSingleton<DeliverySignal>();
        services.AddSingleton<GatheringSignal>();
        services.AddSingleton<Outbox>();
        services.AddSingleton<EditionGathering>();
        services.AddSingleton<SubscriberMessage>();
        services.AddScoped<SiteColours>();
        services.AddScoped<EditionLinks>();
        services.AddScoped<EditionMails>();
        services.AddScoped<DigestPlanner>();
        services.AddScoped<DigestPreviews>();
        services.AddScoped<PostMailForecast>();
        services.AddScoped<MailActs>();
        services.AddHostedService<DigestWorker>();
        services.AddHostedService<DeliveryWorker>();
    }
}
