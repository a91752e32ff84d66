using Antiphon.Server.Work;

namespace Antiphon.Server.Feeds.Monitoring;

/// <summary>Checking feeds on a schedule, and publishing them repaired.</summary>
internal static class WatchingRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddWatching(this WebApplicationBuilder builder)
    {
        builder
            .Services.AddOptions<WatchingOptions>()
            .BindConfiguration("Watching")
            .ValidateDataAnnotations()
            .ValidateOnStart();
        builder.Services.AddScoped<WatchVisit>();
        builder.Services.AddWorker<WatchWorker>();
    }
}
