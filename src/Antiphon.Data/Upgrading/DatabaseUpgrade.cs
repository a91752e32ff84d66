using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Upgrading;

/// <summary>Brings a database to the shape this program works with: an empty one, one of an earlier version, one that stands there already.</summary>
public static class DatabaseUpgrade
{
    private const string Table = "__EFMigrationsHistory";

    /// <summary>Brings it there. Whoever is killed on the way goes on at the next start.</summary>
    /// <param name="context">A context on the database.</param>
    /// <param name="cancellation">Ends it between two steps.</param>
    /// <exception cref="DatabaseTooNewException">A later version of the program has changed it.</exception>
    public static async Task RunAsync(AntiphonContext context, CancellationToken cancellation = default)
    {
        await context.Database.OpenConnectionAsync(cancellation);
        try
        {
            await RefuseLaterAsync(context, cancellation);
            await EarlierSteps.ApplyAsync(context, cancellation);
            var isBehind = (await context.Database.GetPendingMigrationsAsync(cancellation)).Any();
            if (!isBehind && await DerivedTables.AreCurrentAsync(context, cancellation)) return;
            await DerivedTables.DropAsync(context, cancellation);
            if (isBehind) await ForgetOldLockAsync(context, cancellation);
            await context.Database.MigrateAsync(cancellation);
            await DerivedTables.MakeAsync(context, cancellation);
        }
        finally
        {
            await context.Database.CloseConnectionAsync();
        }
    }

    /// <summary>The steps a database has behind it, in their order; none for an empty one.</summary>
    internal static async Task<List<string>> AppliedAsync(AntiphonContext context, CancellationToken cancellation)
    {
        var hasTable = await context.Database.SqlQuery<int>($"SELECT COUNT(*) AS Value FROM sqlite_master WHERE name = {Table}").SingleAsync(cancellation) > 0;
        return hasTable ? [.. await context.Database.GetAppliedMigrationsAsync(cancellation)] : [];
    }

    private static async Task RefuseLaterAsync(AntiphonContext context, CancellationToken cancellation)
    {
        var unknown = (await AppliedAsync(context, cancellation)).Except(context.Database.GetMigrations()).Except(EarlierSteps.Names).ToList();
        if (unknown.Count > 0) throw new DatabaseTooNewException(unknown[^1]);
    }

    // Whoever is killed while migrating leaves a lock behind, for which every later start would wait for ever.
    private static async Task ForgetOldLockAsync(AntiphonContext context, CancellationToken cancellation)
    {
        var hasLock = await context.Database.SqlQuery<int>($"SELECT COUNT(*) AS Value FROM sqlite_master WHERE name = '__EFMigrationsLock'").SingleAsync(cancellation) > 0;
        if (hasLock) await context.Database.ExecuteSqlAsync($"DELETE FROM __EFMigrationsLock WHERE julianday(Timestamp) < julianday('now', '-10 minutes')", cancellation);
    }
}
