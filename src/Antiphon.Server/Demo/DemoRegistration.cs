using Antiphon.Data;
using Antiphon.Server.Demo.Scenario;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Demo;

/// <summary>The demo scenario, made only when asked for and only into an empty database.</summary>
internal static class DemoRegistration
{
    /// <summary>Registers the scenario when the setting "Demo:Enabled" is true.</summary>
    public static void AddDemo(this WebApplicationBuilder builder)
    {
        builder.Services.AddOptions<DemoOptions>().BindConfiguration("Demo");
        if (!builder.Configuration.GetValue<bool>("Demo:Enabled"))
            return;
        builder.Services.AddScoped<DemoScenario>();
        builder.Services.AddScoped<DemoPictures>();
        builder.Services.AddHostedService<DemoPlacement>();
        builder.Services.AddHostedService<DemoVoices>();
    }

    /// <summary>Fills an empty database, when the scenario is asked for.</summary>
    public static async Task FillDemoAsync(this WebApplication app)
    {
        await using var scope = app.Services.CreateAsyncScope();
        var services = scope.ServiceProvider;
        if (!services.GetRequiredService<IOptions<DemoOptions>>().Value.Enabled)
            return;
        if (await services.GetRequiredService<AntiphonContext>().Users.AnyAsync())
            return;
        await services.GetRequiredService<DemoScenario>().FillAsync();
    }
}
