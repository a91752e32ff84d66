using System.Globalization;
using Antiphon.Core.Tables;
using Antiphon.Core.Text;

namespace Antiphon.Core.Subscribers;

/// <summary>Lists of subscribers as tables (RFC 4180), out and in.</summary>
public static class SubscriberList
{
    private const int LongestName = 100;
    private const int LongestMail = 200;
    private static readonly string[] MailNames =
    [
        "mail",
        "email",
        "e-mail",
        "address",
        "mailaddress",
        "emailaddress",
        "courriel",
        "adresse",
    ];
    private static readonly string[] NameNames = ["name", "fullname", "nom"];
    private static readonly string[] Columns =
    [
        "mail",
        "name",
        "since",
        "left",
        "origin",
        "reason",
        "paused",
        "suppressed",
    ];

    /// <summary>
    /// The table with its head. What a spreadsheet would run as a formula gets an apostrophe before it.
    /// </summary>
    public static string Write(IEnumerable<ListedSubscriber> subscribers) =>
        CsvTable.Write(Columns, subscribers.Select(CellsOf));

    /// <summary>
    /// The column that holds addresses: named so, or else the one in which most rows have an "@"; null when there is
    /// none.
    /// </summary>
    public static string? MailColumn(ImportTable table)
    {
        if (table.Columns.FirstOrDefault(column => MailNames.Contains(ColumnName.Plain(column))) is { } named)
            return named;
        var best = table
            .Columns.Select(
                (column, at) =>
                    (column, Count: table.Rows.Count(row => row[at].Contains('@', StringComparison.Ordinal)))
            )
            .MaxBy(pair => pair.Count);
        return best.Count > 0 ? best.column : null;
    }

    /// <summary>The column that holds names; null when none is called so.</summary>
    public static string? NameColumn(ImportTable table) =>
        table.Columns.FirstOrDefault(column => NameNames.Contains(ColumnName.Plain(column)));

    /// <summary>Looks at each row of a list.</summary>
    /// <param name="table">The list.</param>
    /// <param name="mail">Column of the addresses.</param>
    /// <param name="name">Column of the names, or null.</param>
    /// <param name="isMail">Whether a text is a mail address.</param>
    /// <param name="known">What is known of an address in small letters: that it gets mails already, left or takes
    /// none; null for one the site does not have. Those that left are never brought back by a list.</param>
    public static IReadOnlyList<ListedRow> Read(
        ImportTable table,
        string mail,
        string? name,
        Func<string, bool> isMail,
        Func<string, ListedKind?> known
    )
    {
        var (mailAt, nameAt, standing) = (
            Index(table, mail),
            name is null ? -1 : Index(table, name),
            new ListedStanding(table.Columns)
        );
        var seen = new HashSet<string>();
        return
        [
            .. table.Rows.Select(
                (row, at) =>
                {
                    var address = CsvCell.Read(row[mailAt]).Trim().ToLowerInvariant();
                    var called =
                        nameAt < 0
                            ? null
                            : Trimmed.OrNull(Shortened.ToLength(OneLine(CsvCell.Read(row[nameAt])), LongestName));
                    var kind =
                        address.Length is 0 or > LongestMail || !isMail(address) ? ListedKind.NoAddress
                        : !seen.Add(address) ? ListedKind.Twice
                        : known(address) ?? standing.KindOf(row);
                    var (isPaused, until) = standing.PauseOf(row);
                    return new ListedRow(at + 2, address, called, kind) { IsPaused = isPaused, PausedUntil = until };
                }
            ),
        ];
    }

    private static int Index(ImportTable table, string column) =>
        table.Columns.ToList().FindIndex(text => string.Equals(text, column, StringComparison.OrdinalIgnoreCase));

    private static string OneLine(string text) =>
        string.Join(
            ' ',
            text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
                .Select(word => new string([.. word.Where(c => !char.IsControl(c))]))
        );

    private static string Moment(DateTimeOffset at) =>
        at.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);

    private static IEnumerable<string?> CellsOf(ListedSubscriber subscriber) =>
        [
            subscriber.Mail,
            subscriber.Name,
            Moment(subscriber.Since),
            subscriber.Left is { } left ? Moment(left) : null,
            subscriber.Origin.ToString().ToLowerInvariant(),
            subscriber.Reason,
            subscriber.PausedUntil is { } until ? Moment(until) : null,
            subscriber.Suppressed?.ToString().ToLowerInvariant(),
        ];
}
