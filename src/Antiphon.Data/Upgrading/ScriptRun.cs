using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage;

namespace Antiphon.Data.Upgrading;

/// <summary>Reads and runs the scripts that lie beside the migrations.</summary>
internal static class ScriptRun
{
    /// <summary>The text of a script.</summary>
    public static string Read(string name)
    {
        using var reader = new StreamReader(typeof(ScriptRun).Assembly.GetManifestResourceStream(name)!);
        return reader.ReadToEnd();
    }

    /// <summary>
    /// Runs every statement of a script on the open connection. Not by the context's own way, which takes braces for
    /// places of values.
    /// </summary>
    public static async Task RunAsync(AntiphonContext context, string script, CancellationToken cancellation)
    {
        await using var command = context.Database.GetDbConnection().CreateCommand();
        command.CommandText = script;
        command.Transaction = context.Database.CurrentTransaction?.GetDbTransaction();
        await command.ExecuteNonQueryAsync(cancellation);
    }
}
