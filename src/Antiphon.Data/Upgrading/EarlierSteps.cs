using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Upgrading;

/// <summary>
/// The steps by which databases grew before the first migration of today. A database that began with them goes through those it lacks and then stands where a new one begins.
/// </summary>
internal static class EarlierSteps
{
    private const string Mark = "-- step ";
    private static readonly Lazy<IReadOnlyList<(string Name, string Sql)>> Steps = new(Read);

    /// <summary>Their names, the first first.</summary>
    public static IEnumerable<string> Names => Steps.Value.Select(step => step.Name);

    /// <summary>Applies those that are missing, each in its own transaction, and records that the first migration is done. Does nothing with a database that did not begin with them.</summary>
    public static async Task ApplyAsync(AntiphonContext context, CancellationToken cancellation)
    {
        var applied = await DatabaseUpgrade.AppliedAsync(context, cancellation);
        if (!applied.Contains(Steps.Value[0].Name)) return;
        foreach (var step in Steps.Value.Where(step => !applied.Contains(step.Name))) await ScriptRun.RunAsync(context, step.Sql, cancellation);
        await using var transaction = await context.Database.BeginTransactionAsync(cancellation);
        await context.Database.ExecuteSqlAsync($"UPDATE __EFMigrationsHistory SET MigrationId = {context.Database.GetMigrations().First()} WHERE MigrationId = {Steps.Value[0].Name}", cancellation);
        foreach (var name in Names) await context.Database.ExecuteSqlAsync($"DELETE FROM __EFMigrationsHistory WHERE MigrationId = {name}", cancellation);
        await transaction.CommitAsync(cancellation);
    }

    private static List<(string Name, string Sql)> Read() =>
        [.. ScriptRun.Read("Earlier.sql").Split(Mark, StringSplitOptions.RemoveEmptyEntries).Select(text => text.Split('\n', 2)).Select(parts => (parts[0].Trim(), parts[1]))];
}
