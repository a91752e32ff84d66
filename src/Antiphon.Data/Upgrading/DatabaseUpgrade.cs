using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Upgrading;

/// <summary>
/// Brings a database to the shape this program works with: an empty one, one of an earlier version, one that stands
/// there already.
/// </summary>
public static class DatabaseUpgrade
{
    /// <summary>Brings it there. Whoever is killed on the way goes on at the next start.</summary>
    /// <param name="context">A context on the database.</param>
    /// <param name="cancellation">Ends it between two steps.</param>
    /// <exception cref="DatabaseTooNewException">A later version of the program has changed it.</exception>
    public static async Task RunAsync(AntiphonContext context, CancellationToken cancellation = default)
    {
        await context.Database.OpenConnectionAsync(cancellation);
        try
        {
            var applied = (await context.Database.GetAppliedMigrationsAsync(cancellation)).ToList();
            if (applied.Except(context.Database.GetMigrations()).Any())
                await EarlierSteps.ApplyAsync(context, applied, cancellation);
            if (await IsThereAsync(context, cancellation))
                return;
            await DerivedTables.DropAsync(context, IsThereAsync, cancellation);
            await ForgetOldLockAsync(context, cancellation);
            await context.Database.MigrateAsync(cancellation);
            await DerivedTables.MakeAsync(context, cancellation);
        }
        finally
        {
            await context.Database.CloseConnectionAsync();
        }
    }

    private static async Task<bool> IsThereAsync(AntiphonContext context, CancellationToken cancellation) =>
        await DerivedTables.AreCurrentAsync(context, cancellation)
        && !(await context.Database.GetPendingMigrationsAsync(cancellation)).Any();

    // Whoever is killed while migrating leaves a lock behind, for which every later start would wait for ever.
    private static async Task ForgetOldLockAsync(AntiphonContext context, CancellationToken cancellation)
    {
        var hasLock =
            await context
                .Database.SqlQuery<int>(
                    $"SELECT COUNT(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsLock'"
                )
                .SingleAsync(cancellation) > 0;
        if (hasLock)
            await context.Database.ExecuteSqlAsync(
                $"DELETE FROM __EFMigrationsLock WHERE julianday(Timestamp) < julianday('now', '-10 minutes')",
                cancellation
            );
    }
}
