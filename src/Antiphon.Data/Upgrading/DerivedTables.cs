using System.Security.Cryptography;
using System.Text;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Data.Upgrading;

/// <summary>
/// Triggers and search tables (Migrations/Derived.sql). The database remembers which script made them, in its
/// user_version.
/// </summary>
internal static class DerivedTables
{
    private static readonly Lazy<string> Script = new(() => ScriptRun.Read("Derived.sql"));

    // Any number but that of an empty database.
    private static int Version => BitConverter.ToInt32(SHA256.HashData(Encoding.UTF8.GetBytes(Script.Value))) | 1;

    /// <summary>Whether they are those of this program.</summary>
    public static async Task<bool> AreCurrentAsync(AntiphonContext context, CancellationToken cancellation) =>
        await VersionAsync(context, cancellation) == Version;

    /// <summary>
    /// Drops them, whichever script made them, unless another process has brought the database there meanwhile: it may
    /// be at work already.
    /// </summary>
    public static async Task DropAsync(
        AntiphonContext context,
        Func<AntiphonContext, CancellationToken, Task<bool>> isThere,
        CancellationToken cancellation
    )
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancellation);
        if (await isThere(context, cancellation))
            return;
        var drops = await context
            .Database.SqlQuery<string>(
                $"SELECT 'DROP TRIGGER \"' || name || '\";' AS Value FROM sqlite_master WHERE type = 'trigger' UNION ALL SELECT 'DROP TABLE \"' || name || '\";' FROM sqlite_master WHERE sql LIKE 'CREATE VIRTUAL TABLE %'"
            )
            .ToListAsync(cancellation);
        await ScriptRun.RunAsync(context, string.Join('\n', drops.Prepend("PRAGMA user_version = 0;")), cancellation);
        await transaction.CommitAsync(cancellation);
    }

    /// <summary>Makes them, unless another process just did.</summary>
    public static async Task MakeAsync(AntiphonContext context, CancellationToken cancellation)
    {
        await using var transaction = await context.Database.BeginTransactionAsync(cancellation);
        if (await AreCurrentAsync(context, cancellation))
            return;
        await ScriptRun.RunAsync(context, $"{Script.Value}\nPRAGMA user_version = {Version};", cancellation);
        await transaction.CommitAsync(cancellation);
    }

    private static Task<int> VersionAsync(AntiphonContext context, CancellationToken cancellation) =>
        context
            .Database.SqlQuery<int>($"SELECT user_version AS Value FROM pragma_user_version")
            .SingleAsync(cancellation);
}
