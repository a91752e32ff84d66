using Antiphon.Data;
using Antiphon.Server.Accounts;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Hosting;

/// <summary>The database file and its upkeep.</summary>
internal static class DatabaseRegistration
{
    /// <summary>Registers the context on antiphon.db in the data directory.</summary>
    public static void AddDatabase(this WebApplicationBuilder builder)
    {
        builder.Services.AddSingleton<WriteCount>();
        builder.Services.AddDbContextFactory<AntiphonContext>((services, options) =>
        {
            var directory = Path.GetFullPath(services.GetRequiredService<IOptions<AntiphonOptions>>().Value.DataDirectory);
            Directory.CreateDirectory(directory);
            options.UseAntiphonSqlite(Path.Combine(directory, "antiphon.db")).AddInterceptors(services.GetRequiredService<WriteCount>());
        }, ServiceLifetime.Singleton);
        builder.Services.AddScoped(services => services.GetRequiredService<IDbContextFactory<AntiphonContext>>().CreateDbContext());
    }

    /// <summary>Brings the database up to date and, in the demo, fills an empty one.</summary>
    public static async Task PrepareDatabaseAsync(this WebApplication app)
    {
        await using var scope = app.Services.CreateAsyncScope();
        var context = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        await MigrateAsync(context);
        await Search.PlainTexts.FillAsync(context);
        await Demo.DemoRegistration.SeedAsync(scope.ServiceProvider);
        await scope.ServiceProvider.GetRequiredService<SetupKey>().PrepareAsync(CancellationToken.None);
    }

    // Asked first: whoever is killed while migrating leaves a lock behind, for which every later start would wait for ever.
    private static async Task MigrateAsync(AntiphonContext context)
    {
        if (!(await context.Database.GetPendingMigrationsAsync()).Any()) return;
        var hasLock = await context.Database.SqlQuery<int>($"SELECT COUNT(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsLock'").SingleAsync() > 0;
        if (hasLock) await context.Database.ExecuteSqlAsync($"DELETE FROM __EFMigrationsLock WHERE julianday(Timestamp) < julianday('now', '-10 minutes')");
        await context.Database.MigrateAsync();
    }
}
