using Antiphon.Data;
using Antiphon.Data.Upgrading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Storage;

/// <summary>The database file and its upkeep.</summary>
internal static class DatabaseRegistration
{
    /// <summary>Registers the context on antiphon.db in the data directory.</summary>
    public static void AddDatabase(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<WriteCount>();
        builder.Services.AddDbContextFactory<AntiphonContext>(
            (services, options) =>
            {
                var directory = Path.GetFullPath(
                    services.GetRequiredService<IOptions<AntiphonOptions>>().Value.DataDirectory
                );
                Directory.CreateDirectory(directory);
                options
                    .UseAntiphonSqlite(Path.Combine(directory, "antiphon.db"))
                    .AddInterceptors(services.GetRequiredService<WriteCount>());
            },
            ServiceLifetime.Singleton
        );
        builder.Services.AddScoped(services =>
            services.GetRequiredService<IDbContextFactory<AntiphonContext>>().CreateDbContext()
        );
    }

    /// <summary>
    /// Brings the database up to date. False, with the reason in the log, for one that this version does not
    /// understand.
    /// </summary>
    public static async Task<bool> PrepareDatabaseAsync(this WebApplication app)
    {
        await using var scope = app.Services.CreateAsyncScope();
        var context = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        try
        {
            await DatabaseUpgrade.RunAsync(context);
        }
        catch (DatabaseTooNewException refusal)
        {
            app.Logger.LogCritical("{Reason}", refusal.Message);
            return false;
        }

        return true;
    }
}
