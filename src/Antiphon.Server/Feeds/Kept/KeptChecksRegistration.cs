using Antiphon.Server.Work;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Checks that are kept, and runs over several feeds.</summary>
internal static class KeptChecksRegistration
{
    /// <summary>Registers the area.</summary>
    public static void AddKeptChecks(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<CheckRunSignal>();
        builder.Services.AddScoped<CheckKeeper>();
        builder.Services.AddScoped<CheckRunBegin>();
        builder.Services.AddWorker<CheckRunWorker>();
    }
}
