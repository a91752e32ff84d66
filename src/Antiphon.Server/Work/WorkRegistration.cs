namespace Antiphon.Server.Work;

/// <summary>How work that was handed on is done.</summary>
internal static class WorkRegistration
{
    /// <summary>Registers what every worker needs.</summary>
    public static void AddWork(this WebApplicationBuilder builder)
    {
        builder
            .Services.AddOptions<DeliveryOptions>()
            .BindConfiguration("Delivery")
            .ValidateDataAnnotations()
            .ValidateOnStart();
        builder.Services.AddSingleton(typeof(Leases<>));
        builder.Services.AddSingleton<WorkTools>();
    }

    /// <summary>Registers a worker, which runs with the server and can be asked to do something now.</summary>
    public static void AddWorker<TWorker>(this IServiceCollection services)
        where TWorker : class, IHostedService
    {
        services.AddSingleton<TWorker>();
        services.AddHostedService(provider => provider.GetRequiredService<TWorker>());
    }
}
