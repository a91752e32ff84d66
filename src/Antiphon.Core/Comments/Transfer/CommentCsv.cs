using System.Globalization;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Comments.Transfer;

/// <summary>Comments as a table (RFC 4180), one in each line, for spreadsheets. What a spreadsheet would run as a formula gets an apostrophe before it, which is taken off again when the table comes back.</summary>
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

    /// <summary>What a table holds. Columns may stand in any order, and may be missing but for id, thread or address, text and published.</summary>
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
            string Value(string name) => at.TryGetValue(name, out var index) ? CsvCell.Read(row[index]) : string.Empty;
            string? OrNull(string name) => Value(name) is { Length: > 0 } value ? value : null;
            if (
                !DateTimeOffset.TryParse(
                    Value("published"),
                    CultureInfo.InvariantCulture,
                    DateTimeStyles.AssumeUniversal,
                    out var published
                )
            )
                problems.Add(
                    new TransferProblem(
                        number,
                        "published",
                        "Give the time it was written, such as 2026-11-27T09:12:00Z."
                    )
                );
            else if (
                !Enum.TryParse<CommentStanding>(
                    OrNull("standing") ?? nameof(CommentStanding.Public),
                    ignoreCase: true,
                    out var standing
                )
            )
                problems.Add(
                    new TransferProblem(number, "standing", "Write waiting, public, hidden, spam or deleted.")
                );
            else
            {
                comments.Add(
                    new PortableComment(
                        Value("id"),
                        OrNull("thread") ?? Value("address"),
                        OrNull("address"),
                        OrNull("title"),
                        OrNull("parentId"),
                        Value("author"),
                        OrNull("mail"),
                        Value("text"),
                        published,
                        standing
                    )
                    {
                        IsTeam = Value("isTeam") is "yes" or "true" or "1",
                        Up = Whole(Value("up")) ?? 0,
                        Down = Whole(Value("down")) ?? 0,
                        Rating = Whole(Value("rating")),
                    }
                );
            }
        }

        return new TransferRead(comments, problems);
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
