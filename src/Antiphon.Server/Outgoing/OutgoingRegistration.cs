namespace Antiphon.Server.Outgoing;

/// <summary>Registers the guarded client.</summary>
internal static class OutgoingRegistration
{
    /// <summary>No cookies, no own redirects, no proxy: every step is ours to check.</summary>
    public static void AddOutgoing(this WebApplicationBuilder builder)
    {
        builder
            .Services.AddOptions<OutgoingOptions>()
            .BindConfiguration("Outgoing")
            .ValidateDataAnnotations()
            .ValidateOnStart();
        builder.Services.AddSingleton<AddressGuard>();
        builder.Services.AddScoped<BrokenLinks>();
        builder
            .Services.AddHttpClient<GuardedClient>(client =>
            {
                client.Timeout = Timeout.InfiniteTimeSpan;
                client.DefaultRequestHeaders.UserAgent.ParseAdd("Antiphon/0.1 (feed and page visitor)");
                client.DefaultRequestHeaders.AcceptEncoding.ParseAdd(Decompression.Accepted);
                client.DefaultRequestHeaders.Accept.ParseAdd(
                    "application/rss+xml, application/atom+xml, application/feed+json, text/html;q=0.9, */*;q=0.5"
                );
            })
            .ConfigurePrimaryHttpMessageHandler(services => new SocketsHttpHandler
            {
                AllowAutoRedirect = false,
                UseCookies = false,
                UseProxy = false,
                MaxResponseHeadersLength = 64,
                ConnectTimeout = TimeSpan.FromSeconds(10),
                PooledConnectionLifetime = TimeSpan.FromMinutes(2),
                ConnectCallback = services.GetRequiredService<AddressGuard>().ConnectAsync,
            });
    }
}
