using Antiphon.Server.Posts.Changes;
using Antiphon.Server.Work;

namespace Antiphon.Server.Feeds.Hub;

/// <summary>The hub of our own feeds.</summary>
internal static class OwnHubRegistration
{
    /// <summary>Registers the worker and what wakes it.</summary>
    public static void AddOwnHub(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<HubSignal>();
        builder.Services.AddScoped<IChangePlanner, HubPlanner>();
        builder.Services.AddWorker<HubWorker>();
    }
}
