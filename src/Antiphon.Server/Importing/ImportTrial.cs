using System.Globalization;
using Antiphon.Core.Html;
using Antiphon.Core.Importing;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Importing;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Importing;

/// <summary>Says what bringing in would do, by reading every row as it would be read then.</summary>
internal sealed class ImportTrial(AntiphonContext database, ImportFiles files, ImportPosts posts, TimeProvider clock)
{
    private const int RowsShown = 200;
    private const int StartLength = 120;
    private const string Make = "make";
    private const string Skip = "skip";
    private const string Refuse = "refuse";

    /// <summary>The trial; null when the table is no longer there.</summary>
    public async Task<TrialView?> RunAsync(Import import, ImportPlan plan, CancellationToken cancellation)
    {
        if (await files.ReadAsync(import.Id, cancellation) is not { } table)
            return null;
        var fields = await database
            .BlogFields.Where(field => field.BlogId == import.BlogId)
            .Select(field => field.Definition)
            .ToListAsync(cancellation);
        var reader = new RowReader(table.Columns, plan, fields, import.Blog.Site.TimeZone, clock.GetUtcNow());
        var read = table
            .Rows.Select((row, index) => (Number: index + 1, Values: row, Result: reader.Read(index + 1, row)))
            .ToList();
        var present = (
            await posts.PresentAsync(import, read.Select(pair => pair.Result.Row).OfType<ImportedRow>(), cancellation)
        ).Keys.ToHashSet();
        var seen = new HashSet<string>();
        var rows = read.Select(pair =>
                pair.Result.Row is { } row
                    ? ViewOf(row, import.Blog.Site, Repetition(row, present, seen))
                    : Refused(pair.Number, pair.Values, pair.Result.Refusal)
            )
            .ToList();
        // What needs a look comes first; the rest shows what posts will be like.
        return new TrialView(
            rows.Count(row => row.Outcome == Make),
            rows.Count(row => row.Outcome == Skip),
            rows.Count(row => row.Outcome == Refuse),
            read.Zip(rows).Where(pair => pair.Second.Outcome == Make).Sum(pair => pair.First.Result.Row!.Tidied),
            [.. rows.OrderBy(Urgency).ThenBy(row => row.Number).Take(RowsShown)]
        );
    }

    private static int Urgency(TrialRow row) =>
        row.Outcome == Refuse ? 0
        : row.Reason is not null ? 1
        : 2;

    // Why a row makes no post of its own; null when it does.
    private static string? Repetition(ImportedRow row, HashSet<string> present, HashSet<string> seen) =>
        present.Contains(row.Key) ? "It is in this blog already."
        : seen.Add(row.Key) ? null
        : "An earlier row has the same identifier.";

    private static TrialRow Refused(int number, IReadOnlyList<string> values, string? refusal) =>
        new(
            number,
            Refuse,
            Shortened.ToLength(values.FirstOrDefault(value => value.Length > 0) ?? string.Empty, 80),
            null,
            null,
            null,
            [],
            null,
            string.Empty,
            refusal
        );

    private static TrialRow ViewOf(ImportedRow row, Site site, string? repetition) =>
        new(
            row.Number,
            repetition is null ? Make : Skip,
            row.Title,
            row.Date is { } date
                ? SiteCulture.Local(date, site.TimeZone).ToString("d MMM yyyy HH:mm", CultureInfo.InvariantCulture)
                : null,
            row.Author,
            row.Category,
            row.Tags,
            row.Status.ToString().ToLowerInvariant(),
            Shortened.ToLength(HtmlText.Of(row.BodyHtml), StartLength),
            repetition ?? (row.Reservations.Count == 0 ? null : string.Join(' ', row.Reservations))
        );
}
