using System.Globalization;
using System.Text;
using Antiphon.Core.Importing;
using Antiphon.Core.Text;

namespace Antiphon.Core.Syndication.Subscribers;

/// <summary>Lists of subscribers as tables (RFC 4180), out and in.</summary>
public static class SubscriberList
{
    private const int LongestName = 100;
    private const int LongestMail = 200;
    private static readonly string[] MailNames = ["mail", "email", "e-mail", "address", "mailaddress", "emailaddress", "courriel", "adresse"];
    private static readonly string[] NameNames = ["name", "fullname", "nom"];

    /// <summary>The table with its head. What a spreadsheet would run as a formula gets an apostrophe before it.</summary>
    public static string Write(IEnumerable<ListedSubscriber> subscribers)
    {
        var table = new StringBuilder("mail,name,since,left,origin,reason\r\n");
        foreach (var one in subscribers)
        {
            string?[] values = [one.Mail, one.Name, Moment(one.Since), one.Left is { } left ? Moment(left) : null, one.Origin.ToString().ToLowerInvariant(), one.Reason];
            table.AppendJoin(',', values.Select(CsvCell.Write)).Append("\r\n");
        }

        return table.ToString();
    }

    /// <summary>The column that holds addresses: named so, or else the one in which most rows have an "@"; null when there is none.</summary>
    public static string? MailColumn(ImportTable table)
    {
        if (table.Columns.FirstOrDefault(column => MailNames.Contains(Plain(column))) is { } named) return named;
        var best = table.Columns.Select((column, at) => (column, Count: table.Rows.Count(row => row[at].Contains('@', StringComparison.Ordinal)))).MaxBy(one => one.Count);
        return best.Count > 0 ? best.column : null;
    }

    /// <summary>The column that holds names; null when none is called so.</summary>
    public static string? NameColumn(ImportTable table) => table.Columns.FirstOrDefault(column => NameNames.Contains(Plain(column)));

    /// <summary>Looks at each row of a list.</summary>
    /// <param name="table">The list.</param>
    /// <param name="mail">Column of the addresses.</param>
    /// <param name="name">Column of the names, or null.</param>
    /// <param name="isMail">Whether a text is a mail address.</param>
    /// <param name="known">What is known of an address in small letters: that it gets mails already, left or takes none; null for one the site does not have. Those that left are never brought back by a list.</param>
    public static IReadOnlyList<ListedRow> Read(ImportTable table, string mail, string? name, Func<string, bool> isMail, Func<string, ListedKind?> known)
    {
        var (mailAt, nameAt) = (Index(table, mail), name is null ? -1 : Index(table, name));
        var seen = new HashSet<string>();
        return [.. table.Rows.Select((row, at) =>
        {
            var address = CsvCell.Read(row[mailAt]).Trim().ToLowerInvariant();
            var called = nameAt < 0 ? null : Said.OrNull(Shortened.ToLength(OneLine(CsvCell.Read(row[nameAt])), LongestName));
            var kind = address.Length is 0 or > LongestMail || !isMail(address) ? ListedKind.NoAddress
                : !seen.Add(address) ? ListedKind.Twice
                : known(address) ?? ListedKind.New;
            return new ListedRow(at + 2, address, called, kind);
        })];
    }

    private static int Index(ImportTable table, string column) => table.Columns.ToList().FindIndex(one => string.Equals(one, column, StringComparison.OrdinalIgnoreCase));

    private static string Plain(string column) => new([.. column.ToLowerInvariant().Where(c => char.IsLetter(c) || c == '-')]);

    private static string OneLine(string text) => string.Join(' ', text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries).Select(word => new string([.. word.Where(c => !char.IsControl(c))])));

    private static string Moment(DateTimeOffset at) => at.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);
}

/// <summary>A subscriber in a list.</summary>
public sealed record ListedSubscriber(string Mail, string? Name, DateTimeOffset Since, DateTimeOffset? Left, SubscriberOrigin Origin, string? Reason);

/// <summary>A row of a list that was looked at.</summary>
/// <param name="Line">Its line in the file, the head being the first.</param>
/// <param name="Mail">Its address in small letters, as far as there is one.</param>
/// <param name="Name">Its name, or null.</param>
/// <param name="Kind">What becomes of it.</param>
public sealed record ListedRow(int Line, string Mail, string? Name, ListedKind Kind);

/// <summary>What becomes of a row of a list.</summary>
public enum ListedKind
{
    /// <summary>A new subscriber.</summary>
    New,

    /// <summary>Gets mails already.</summary>
    Known,

    /// <summary>Ended the mails, and is not brought back.</summary>
    Left,

    /// <summary>Stands in the list a second time.</summary>
    Twice,

    /// <summary>Holds no mail address.</summary>
    NoAddress,

    /// <summary>Is an address mails come back from, or whose owner called them unwanted.</summary>
    Bounced,
}
