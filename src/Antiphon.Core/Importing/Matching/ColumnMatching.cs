using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Importing.Matching;

/// <summary>
/// Guesses where the columns of a table go: by their names, and where these say nothing by looking at the values.
/// </summary>
public static class ColumnMatching
{
    private const int RowsLookedAt = 200;
    private const double Most = 0.8;
    private const int LongText = 200;
    private static readonly string[] PictureEnds = [".jpg", ".jpeg", ".png", ".webp", ".gif", ".svg", ".avif"];

    /// <summary>A plan in which each target is filled by one column at most; what fits nothing is left out.</summary>
    /// <param name="table">The table.</param>
    /// <param name="fields">Own fields of the blog.</param>
    public static ImportPlan Suggest(ImportTable table, IReadOnlyList<OwnField> fields)
    {
        var found = new ColumnMapping?[table.Columns.Count];
        var taken = new HashSet<ImportTarget>();
        MatchNames(table, fields, found, taken);
        MatchValues(table, found, taken);
        var dates = Array.FindIndex(found, mapping => mapping?.Target == ImportTarget.Date);
        return new ImportPlan(
            [.. table.Columns.Select((name, index) => found[index] ?? new ColumnMapping(name, null))],
            dates < 0 ? DateForm.Standard : DateFormOf(Sample(table, dates)),
            SeparatorOf(table, found),
            false,
            null,
            null,
            true,
            true
        );
    }

    /// <summary>
    /// How dates are written: by the first that cannot be read the other way round; day first when all can.
    /// </summary>
    public static DateForm DateFormOf(IReadOnlyCollection<string> values)
    {
        if (
            values.Count == 0
            || values.Count(value => TableDate.ReadStandard(value) is not null) >= values.Count * Most
        )
            return DateForm.Standard;
        int Readable(DateForm form) => values.Count(value => TableDate.Read(value, form, "Etc/UTC") is not null);
        return Readable(DateForm.MonthFirst) > Readable(DateForm.DayFirst) ? DateForm.MonthFirst : DateForm.DayFirst;
    }

    private static void MatchNames(
        ImportTable table,
        IReadOnlyList<OwnField> fields,
        ColumnMapping?[] found,
        HashSet<ImportTarget> taken
    )
    {
        for (var index = 0; index < found.Length; index++)
        {
            var name = ColumnNames.Folded(table.Columns[index]);
            var field = fields.FirstOrDefault(ownField =>
                ColumnNames.Folded(ownField.Key) == name || ColumnNames.Folded(ownField.Label) == name
            );
            if (field is not null)
                found[index] = new ColumnMapping(table.Columns[index], ImportTarget.OwnField, field.Key);
        }

        foreach (var (target, names) in ColumnNames.Known)
        {
            // In the order of the names, so that "title" goes before "name" wherever both stand.
            var best = names
                .Select(name => Array.FindIndex([.. table.Columns], column => ColumnNames.Folded(column) == name))
                .FirstOrDefault(index => index >= 0 && found[index] is null, -1);
            if (best >= 0 && taken.Add(target))
                found[best] = new ColumnMapping(table.Columns[best], target);
        }
    }

    private static void MatchValues(ImportTable table, ColumnMapping?[] found, HashSet<ImportTarget> taken)
    {
        for (var index = 0; index < found.Length; index++)
        {
            if (found[index] is not null)
                continue;
            var values = Sample(table, index);
            if (values.Count > 0 && GuessOf(values) is { } guess && taken.Add(guess))
                found[index] = new ColumnMapping(table.Columns[index], guess);
        }

        // Without a title nothing can be made: the first short text is the likeliest.
        if (taken.Contains(ImportTarget.Title))
            return;
        var likely = Array.FindIndex(found, mapping => mapping is null);
        for (var index = 0; index < found.Length; index++)
        {
            if (
                found[index] is null
                && Sample(table, index) is { Count: > 0 } values
                && values.Average(value => value.Length) is > 5 and < 120
            )
            {
                likely = index;
                break;
            }
        }

        if (likely >= 0)
            found[likely] = new ColumnMapping(table.Columns[likely], ImportTarget.Title);
    }

    private static ImportTarget? GuessOf(IReadOnlyList<string> values)
    {
        bool Mostly(Func<string, bool> test) => values.Count(test) >= values.Count * Most;
        if (
            Mostly(value =>
                LinkResolver.IsWeb(value)
                && PictureEnds.Any(end => new Uri(value).AbsolutePath.EndsWith(end, StringComparison.OrdinalIgnoreCase))
            )
        )
            return ImportTarget.Picture;
        if (Mostly(LinkResolver.IsWeb))
            return ImportTarget.Link;
        if (
            Mostly(value =>
                value.Length is >= 6 and <= 40
                && value.Any(char.IsAsciiDigit)
                && value.Any(c => c is '-' or '/' or '.' or ':')
                && IsDate(value)
            )
        )
            return ImportTarget.Date;
        if (
            Mostly(value =>
                value.Contains('<', StringComparison.Ordinal) && value.Contains("</", StringComparison.Ordinal)
            )
            || values.Average(value => value.Length) > LongText
        )
            return ImportTarget.Body;
        return null;
    }

    private static bool IsDate(string value) =>
        TableDate.ReadStandard(value) is not null
        || TableDate.Read(value, DateForm.DayFirst, "Etc/UTC") is not null
        || TableDate.Read(value, DateForm.MonthFirst, "Etc/UTC") is not null;

    private static string SeparatorOf(ImportTable table, ColumnMapping?[] found)
    {
        var index = Array.FindIndex(found, mapping => mapping?.Target is ImportTarget.Tags);
        if (index < 0)
            index = Array.FindIndex(found, mapping => mapping?.Target is ImportTarget.Category);
        if (index < 0)
            return ",";
        var values = Sample(table, index);
        return
            ((string[])["|", ";", ","]).MaxBy(separator =>
                values.Count(value => value.Contains(separator, StringComparison.Ordinal))
            )
                is { } best
            && values.Any(value => value.Contains(best, StringComparison.Ordinal))
            ? best
            : ",";
    }

    private static List<string> Sample(ImportTable table, int column) =>
        [
            .. table
                .ValuesOf(column)
                .Take(RowsLookedAt)
                .Where(value => !string.IsNullOrWhiteSpace(value))
                .Select(value => value.Trim()),
        ];
}
