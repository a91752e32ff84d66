using System.Globalization;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Comments.Transfer;

/// <summary>
/// Comments as a table (RFC 4180), one in each line, for spreadsheets. What a spreadsheet would run as a formula gets
/// an apostrophe before it, which is taken off again when the table comes back.
/// </summary>
public static class CommentCsv
{
    private static readonly string[] Columns =
    [
        "id",
        "thread",
        "address",
        "title",
        "parentId",
        "author",
        "mail",
        "text",
        "published",
        "standing",
        "isTeam",
        "up",
        "down",
        "rating",
    ];

    /// <summary>The table with its head.</summary>
    public static string Write(IEnumerable<PortableComment> comments) =>
        CsvTable.Write(Columns, comments.Select(CellsOf));

    /// <summary>
    /// What a table holds. Columns may stand in any order, and may be missing but for id, thread or address, text and
    /// published.
    /// </summary>
    public static TransferRead Read(string text)
    {
        var table = CsvTable.Read(text);
        var at = table
            .Columns.Select((name, index) => (name, index))
            .ToDictionary(pair => pair.name, pair => pair.index, StringComparer.OrdinalIgnoreCase);
        var missing = new[] { "id", "text", "published" }.Where(name => !at.ContainsKey(name)).ToList();
        if (missing.Count > 0)
            return new TransferRead(
                [],
                [
                    new TransferProblem(
                        0,
                        missing[0],
                        $"The first line names no column “{missing[0]}”. The columns are: {string.Join(", ", Columns)}."
                    ),
                ]
            );
        var (comments, problems) = (new List<PortableComment>(), new List<TransferProblem>());
        foreach (var (row, number) in table.Rows.Select((row, index) => (row, index + 1)))
        {
            var (comment, problem) = ReadRow(new CommentRow(at, row), number);
            if (comment is not null)
                comments.Add(comment);
            if (problem is not null)
                problems.Add(problem);
        }

        return new TransferRead(comments, problems);
    }

    private static (PortableComment? Comment, TransferProblem? Problem) ReadRow(CommentRow row, int number)
    {
        if (
            !DateTimeOffset.TryParse(
                row["published"],
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal,
                out var published
            )
        )
            return (null, new(number, "published", "Enter the time it was written, such as 2026-11-27T09:12:00Z."));
        var said = row.OrNull("standing") ?? nameof(CommentStanding.Public);
        if (!Enum.TryParse<CommentStanding>(said, ignoreCase: true, out var standing))
            return (null, new(number, "standing", "Write waiting, public, hidden, spam or deleted."));
        var comment = new PortableComment(
            row["id"],
            row.OrNull("thread") ?? row["address"],
            row.OrNull("address"),
            row.OrNull("title"),
            row.OrNull("parentId"),
            row["author"],
            row.OrNull("mail"),
            row["text"],
            published,
            standing
        )
        {
            IsTeam = row["isTeam"] is "yes" or "true" or "1",
            Up = Whole(row["up"]) ?? 0,
            Down = Whole(row["down"]) ?? 0,
            Rating = Whole(row["rating"]),
        };
        return (comment, null);
    }

    private readonly record struct CommentRow(Dictionary<string, int> At, IReadOnlyList<string> Cells)
    {
        public string this[string name] =>
            At.TryGetValue(name, out var index) ? CsvCell.Read(Cells[index]) : string.Empty;

        public string? OrNull(string name) => this[name] is { Length: > 0 } value ? value : null;
    }

    private static string Number(int number) => number.ToString(CultureInfo.InvariantCulture);

    private static int? Whole(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;

    private static IEnumerable<string?> CellsOf(PortableComment comment) =>
        [
            comment.Id,
            comment.Thread,
            comment.Address,
            comment.Title,
            comment.ParentId,
            comment.Author,
            comment.Mail,
            comment.Text,
            comment.Published.ToString("o", CultureInfo.InvariantCulture),
            comment.Standing.ToString().ToLowerInvariant(),
            comment.IsTeam ? "yes" : "no",
            Number(comment.Up),
            Number(comment.Down),
            comment.Rating is { } rating ? Number(rating) : null,
        ];
}
