using System.Globalization;
using Antiphon.Core.Html;
using Antiphon.Core.Importing;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Importing;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Importing;

/// <summary>Says what bringing in would do, by reading every row as it would be read then.</summary>
internal sealed class ImportTrial(AntiphonContext database, ImportFiles files, ImportPosts posts, TimeProvider clock)
{
    private const int RowsShown = 200;
    private const int StartLength = 120;

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
        var (make, skip, refuse, tidied, rows) = (0, 0, 0, 0, new List<TrialRow>());
        foreach (var (number, values, (row, refusal)) in read)
        {
            if (row is null)
            {
                refuse++;
                rows.Add(
                    new TrialRow(
                        number,
                        "refuse",
                        Shortened.ToLength(values.FirstOrDefault(value => value.Length > 0) ?? string.Empty, 80),
                        null,
                        null,
                        null,
                        [],
                        null,
                        string.Empty,
                        refusal
                    )
                );
            }
            else if (present.Contains(row.Key) || !seen.Add(row.Key))
            {
                skip++;
                rows.Add(
                    ViewOf(
                        row,
                        "skip",
                        import.Blog.Site,
                        present.Contains(row.Key)
                            ? "It is in this blog already."
                            : "An earlier row has the same identifier."
                    )
                );
            }
            else
            {
                make++;
                tidied += row.Tidied;
                rows.Add(
                    ViewOf(
                        row,
                        "make",
                        import.Blog.Site,
                        row.Reservations.Count == 0 ? null : string.Join(' ', row.Reservations)
                    )
                );
            }
        }

        // What needs a look comes first; the rest shows what posts will be like.
        return new TrialView(
            make,
            skip,
            refuse,
            tidied,
            [
                .. rows.OrderBy(row =>
                        row.Outcome == "refuse" ? 0
                        : row.Reason is not null ? 1
                        : 2
                    )
                    .ThenBy(row => row.Number)
                    .Take(RowsShown),
            ]
        );
    }

    private static TrialRow ViewOf(ImportedRow row, string outcome, Site site, string? reason) =>
        new(
            row.Number,
            outcome,
            row.Title,
            row.Date is { } date
                ? SiteCulture.Local(date, site.TimeZone).ToString("d MMM yyyy HH:mm", CultureInfo.InvariantCulture)
                : null,
            row.Author,
            row.Category,
            row.Tags,
            row.Status.ToString().ToLowerInvariant(),
            Shortened.ToLength(HtmlText.Of(row.BodyHtml), StartLength),
            reason
        );
}
