using Antiphon.Data;
using Antiphon.Data.Work;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Work;

/// <summary>
/// Rows of work by their keys, also those that screens leave out, as what is in the bin has to come to an end as well.
/// </summary>
internal static class LeasedRows
{
    /// <summary>Those nobody holds.</summary>
    public static IQueryable<TRow> Free<TRow>(this IQueryable<TRow> rows, DateTimeOffset now)
        where TRow : LeasedRow => rows.Where(row => row.HeldUntil == null || row.HeldUntil <= now);

    /// <summary>The row with a key.</summary>
    public static IQueryable<TRow> At<TRow>(AntiphonContext database, long key)
        where TRow : LeasedRow
    {
        var name = KeyName<TRow>(database);
        return database.Set<TRow>().IgnoreQueryFilters().Where(row => EF.Property<long>(row, name) == key);
    }

    /// <summary>The key of a row.</summary>
    public static long KeyOf<TRow>(AntiphonContext database, TRow row)
        where TRow : LeasedRow => (long)database.Entry(row).Property(KeyName<TRow>(database)).CurrentValue!;

    private static string KeyName<TRow>(AntiphonContext database) =>
        database.Model.FindEntityType(typeof(TRow))!.FindPrimaryKey()!.Properties[0].Name;
}
