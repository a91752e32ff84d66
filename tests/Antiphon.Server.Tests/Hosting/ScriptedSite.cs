using System.Net;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>Somebody else's site, answering as a test says.</summary>
internal sealed class ScriptedSite : IAsyncDisposable
{
    private readonly WebApplication _app;
    private int _count;

    private ScriptedSite(WebApplication app) => _app = app;

    /// <summary>What it answers; 404 until it is told.</summary>
    public Func<HttpContext, Task> Answer { get; set; } = NothingAsync;

    /// <summary>How often it was asked.</summary>
    public int Count => _count;

    /// <summary>Its address, with trailing slash.</summary>
    public Uri Address =>
        new(
            _app.Services.GetRequiredService<Microsoft.AspNetCore.Hosting.Server.IServer>()
                .Features.Get<IServerAddressesFeature>()!
                .Addresses.First() + "/"
        );

    /// <summary>Starts it on a free port.</summary>
    public static async Task<ScriptedSite> StartAsync()
    {
        var builder = WebApplication.CreateEmptyBuilder(new WebApplicationOptions());
        builder.WebHost.UseKestrelCore().ConfigureKestrel(options => options.Listen(IPAddress.Loopback, 0));
        builder.Logging.SetMinimumLevel(LogLevel.None);
        var app = builder.Build();
        var site = new ScriptedSite(app);
        app.Run(http =>
        {
            Interlocked.Increment(ref site._count);
            return site.Answer(http);
        });
        await app.StartAsync();
        return site;
    }

    /// <summary>Answers every request with one text.</summary>
    public void Say(string text, string contentType, int status = StatusCodes.Status200OK) =>
        Answer = async http =>
        {
            http.Response.StatusCode = status;
            http.Response.ContentType = contentType;
            await http.Response.WriteAsync(text);
        };

    /// <summary>Answers with 404 again.</summary>
    public void Forget() => Answer = NothingAsync;

    private static Task NothingAsync(HttpContext http)
    {
        http.Response.StatusCode = StatusCodes.Status404NotFound;
        return Task.CompletedTask;
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync() => await _app.DisposeAsync();
}
