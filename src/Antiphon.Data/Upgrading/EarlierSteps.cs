using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Upgrading;

/// <summary>
/// The steps by which databases grew before the first migration of today. A database that began with them goes through
/// those it lacks and then stands where a new one begins.
/// </summary>
internal static class EarlierSteps
{
    private const string Mark = "-- step ";
    private static readonly Lazy<IReadOnlyList<(string Name, string Sql)>> Steps = new(Read);

    /// <summary>
    /// Applies those that are missing, each in its own transaction, and records that the first migration is done.
    /// </summary>
    /// <param name="context">A context on the database.</param>
    /// <param name="applied">What the database has behind it, some of it no migration of today.</param>
    /// <param name="cancellation">Ends it between two steps.</param>
    /// <exception cref="DatabaseTooNewException">Some of it is none of these steps either.</exception>
    public static async Task ApplyAsync(
        AntiphonContext context,
        IReadOnlyList<string> applied,
        CancellationToken cancellation
    )
    {
        var names = Steps.Value.Select(step => step.Name).ToList();
        if (applied.Except(context.Database.GetMigrations()).Except(names).LastOrDefault() is { } later)
            throw new DatabaseTooNewException(later);
        foreach (var step in Steps.Value.Where(step => !applied.Contains(step.Name)))
            await ScriptRun.RunAsync(context, step.Sql, cancellation);
        await using var transaction = await context.Database.BeginTransactionAsync(cancellation);
        await context.Database.ExecuteSqlAsync(
            $"UPDATE __EFMigrationsHistory SET MigrationId = {context.Database.GetMigrations().First()} WHERE MigrationId = {names[0]}",
            cancellation
        );
        foreach (var name in names)
            await context.Database.ExecuteSqlAsync(
                $"DELETE FROM __EFMigrationsHistory WHERE MigrationId = {name}",
                cancellation
            );
        await transaction.CommitAsync(cancellation);
    }

    private static List<(string Name, string Sql)> Read() =>
        [
            .. ScriptRun
                .Read("Earlier.sql")
                .Split(Mark, StringSplitOptions.RemoveEmptyEntries)
                .Select(text => text.Split('\n', 2))
                .Select(parts => (parts[0].Trim(), parts[1])),
        ];
}
