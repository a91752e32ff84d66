namespace Antiphon.Core.Subscribers;

/// <summary>Names of columns, compared by their letters.</summary>
internal static class ColumnName
{
    /// <summary>Small letters and hyphens alone.</summary>
    public static string Plain(string column) =>
        new([.. column.ToLowerInvariant().Where(c => char.IsLetter(c) || c == '-')]);
}
