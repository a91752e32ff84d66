using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Antiphon.Core.Sites;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Api;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using FluentValidation;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.ResponseCompression;
using Microsoft.AspNetCore.Server.Kestrel.Core;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>What every area stands on: options, JSON, problem details, compression, limits, OpenAPI.</summary>
internal static class PlatformRegistration
{
    /// <summary>Registers the platform.</summary>
    public static void AddPlatform(this WebApplicationBuilder builder)
    {
        HtmlOptions.Apply(builder.Configuration);
        var services = builder.Services;
        services
            .AddOptions<AntiphonOptions>()
            .BindConfiguration("Antiphon")
            .ValidateDataAnnotations()
            .ValidateOnStart();
        services.AddSingleton(TimeProvider.System);
        services.AddSingleton<IKeySource, RandomKeySource>();
        services.AddSingleton(Random.Shared);
        services.AddProblemDetails();
        services.AddExceptionHandler<BadRequestHandler>();
        services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
        services.AddWire();
        services.AddValidators();
        services.AddOpenApi("openapi", ApiDescription.Configure);
        services.AddRateLimiter(RateLimits.Configure);
        services.AddProxies();
        services.AddOptions<ArrivalOptions>().BindConfiguration("Arriving").ValidateDataAnnotations().ValidateOnStart();
        services.AddSingleton<ArrivedBodies>();
        services.AddSingleton<UploadLine>();
        var data = builder.Configuration["Antiphon:DataDirectory"] ?? "data";
        services
            .AddDataProtection()
            .SetApplicationName("Antiphon")
            .PersistKeysToFileSystem(new DirectoryInfo(Path.Combine(Path.GetFullPath(data), "keys")));
        builder.WebHost.ConfigureKestrel(Limit);
    }

    private static void AddWire(this IServiceCollection services)
    {
        services.ConfigureHttpJsonOptions(options =>
        {
            options.SerializerOptions.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase));
            options.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            options.SerializerOptions.RespectNullableAnnotations = true;
            options.SerializerOptions.TypeInfoResolverChain.Insert(
                0,
                new DefaultJsonTypeInfoResolver { Modifiers = { NeededMembers.Require, SpokenMembers.Translate } }
            );
        });
        services.AddResponseCompression(options =>
        {
            options.EnableForHttps = true;
            options.MimeTypes = ResponseCompressionDefaults.MimeTypes.Concat([
                "application/rss+xml",
                "application/atom+xml",
                "application/rdf+xml",
                "application/feed+json",
                "text/x-opml",
                "image/svg+xml",
            ]);
        });
    }

    private static void AddValidators(this IServiceCollection services)
    {
        foreach (
            var found in AssemblyScanner.FindValidatorsInAssembly(
                typeof(AntiphonOptions).Assembly,
                includeInternalTypes: true
            )
        )
            services.AddSingleton(found.InterfaceType, found.ValidatorType);
    }

    private static void Limit(KestrelServerOptions options)
    {
        options.AddServerHeader = false;
        options.Limits.MaxRequestBodySize = 25_000_000;
        options.Limits.RequestHeadersTimeout = TimeSpan.FromSeconds(15);
        options.Limits.MinRequestBodyDataRate = new MinDataRate(
            bytesPerSecond: 500,
            gracePeriod: TimeSpan.FromSeconds(5)
        );
    }

    /// <summary>The order in which a request passes.</summary>
    /// <param name="app">The application.</param>
    /// <param name="lead">Leads requests for host names of their own to what stands there.</param>
    public static void UsePlatform(this WebApplication app, Func<HttpContext, RequestDelegate, Task> lead)
    {
        app.UseForwardedHeaders();
        app.UseSpokenTo();
        app.UseExceptionHandler();
        app.UseStatusCodePages(ProblemPages.WriteForApiAsync);
        app.UseResponseCompression();
        app.Use(SecurityHeaders.AddAsync);
        app.Use(OwnHosts.CheckAsync);
        app.Use(lead);
        app.UseWorkplaceFiles();
        app.UseRouting();
        app.UseAuthentication();
        app.UseMiddleware<ArrivedBodies>();
        app.UseRateLimiter();
        app.UseAuthorization();
        app.Use(AntiforgeryGate.CheckAsync);
        app.Use(SiteAccess.CheckAsync);
    }

    /// <summary>/healthz and /api/openapi.json.</summary>
    public static void MapHealth(this WebApplication app)
    {
        app.MapGet("/healthz", () => TypedResults.Text("ok")).ExcludeFromDescription().ForAnybody();
        app.MapOpenApi("/api/{documentName}.json").ForAnybody();
    }
}
