using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Tables;
using CsCheck;

namespace Antiphon.Core.Tests.Subscribers;

public sealed class SubscriberListTests
{
    private static readonly DateTimeOffset Since = new(2026, 11, 27, 9, 0, 0, TimeSpan.Zero);
    private static readonly Dictionary<string, ListedKind> Known = new()
    {
        ["ida@fellside.example"] = ListedKind.Known,
        ["wilf@fellside.example"] = ListedKind.Left,
        ["lapsed@fellside.example"] = ListedKind.Bounced,
    };

    [Theory]
    [InlineData("Name,E-Mail\nIda,ida@x.example", "E-Mail", "Name")]
    [InlineData("who;contact\nIda;ida@x.example\nWilf;", "contact", null)]
    [InlineData("Full name\tEmail address\nIda\tida@x.example", "Email address", "Full name")]
    [InlineData("a,b\n1,2", null, null)]
    public void The_columns_are_told_by_their_names_or_by_what_they_hold(string csv, string? mail, string? name)
    {
        var table = CsvTable.Read(csv);
        Assert.Equal((mail, name), (SubscriberList.MailColumn(table), SubscriberList.NameColumn(table)));
    }

    [Theory]
    [InlineData("joan@x.example", ListedKind.New)]
    [InlineData(" Joan@X.example ", ListedKind.New)]
    [InlineData("IDA@fellside.example", ListedKind.Known)]
    [InlineData("wilf@fellside.example", ListedKind.Left)]
    [InlineData("lapsed@fellside.example", ListedKind.Bounced)]
    [InlineData("first@x.example", ListedKind.Twice)]
    [InlineData("nobody", ListedKind.NoAddress)]
    [InlineData("", ListedKind.NoAddress)]
    public void Each_row_says_what_becomes_of_it(string mail, ListedKind kind)
    {
        var rows = Read(["mail", "name"], ["first@x.example", "First"], [mail, "  Joan \r\n Farthing "]);
        Assert.Equal((3, kind, "Joan Farthing"), (rows[1].Line, rows[1].Kind, rows[1].Name));
    }

    [Fact]
    public void What_a_spreadsheet_would_run_is_written_so_that_it_does_not()
    {
        var csv = SubscriberList.Write([
            new ListedSubscriber(
                "+1@x.example",
                "=HYPERLINK(\"https://x.example\")",
                Since,
                null,
                SubscriberOrigin.List,
                "@home, by hand"
            ),
        ]);
        Assert.Equal(
            "mail,name,since,left,origin,reason,paused,suppressed\r\n\"'+1@x.example\",\"'=HYPERLINK(\"\"https://x.example\"\")\",2026-11-27T09:00:00Z,,list,\"'@home, by hand\",,\r\n",
            csv
        );
    }

    [Fact]
    public void A_list_taken_out_comes_back_as_it_was() =>
        Gen.String[Gen.Char["ab=+-@' \",é;"], 0, 12]
            .Array[1, 6]
            .Sample(names =>
            {
                var listed = names
                    .Select(
                        (name, at) =>
                            new ListedSubscriber(
                                $"reader{at}@x.example",
                                name.Trim().Length == 0
                                    ? null
                                    : string.Join(' ', name.Split(' ', StringSplitOptions.RemoveEmptyEntries)),
                                Since,
                                null,
                                SubscriberOrigin.Form,
                                null
                            )
                    )
                    .ToList();
                var table = CsvTable.Read(SubscriberList.Write(listed));
                var rows = SubscriberList.Read(
                    table,
                    "mail",
                    "name",
                    mail => mail.Contains('@', StringComparison.Ordinal),
                    _ => null
                );
                return rows.Select(row => (row.Mail, row.Name, row.Kind))
                    .SequenceEqual(listed.Select(one => (one.Mail, one.Name, ListedKind.New)));
            });

    private static IReadOnlyList<ListedRow> Read(string[] columns, params string[][] rows) =>
        SubscriberList.Read(
            new ImportTable(columns, rows),
            "mail",
            "name",
            mail => mail.Contains('@', StringComparison.Ordinal),
            address => Known.TryGetValue(address, out var kind) ? kind : null
        );

    [Theory]
    [InlineData("left", "2026-01-01T00:00:00Z", ListedKind.NewLeft)]
    [InlineData("left", "", ListedKind.New)]
    [InlineData("Unsubscribed", "yes", ListedKind.NewLeft)]
    [InlineData("unsubscribed", "false", ListedKind.New)]
    [InlineData("suppressed", "bounce", ListedKind.NewBounced)]
    [InlineData("status", "subscribed", ListedKind.New)]
    [InlineData("status", "Unsubscribed", ListedKind.NewLeft)]
    [InlineData("status", "cleaned", ListedKind.NewBounced)]
    [InlineData("status", "pending", ListedKind.NewLeft)]
    [InlineData("status", "paused", ListedKind.New)]
    [InlineData("active", "0", ListedKind.NewLeft)]
    [InlineData("active", "1", ListedKind.New)]
    public void A_list_makes_nobody_more_subscribed_than_it_says(string column, string value, ListedKind kind) =>
        Assert.Equal(kind, Read(["mail", "name", column], ["joan@x.example", "Joan", value])[0].Kind);

    [Fact]
    public void Our_own_list_says_of_each_who_left_paused_or_takes_no_mail()
    {
        ListedSubscriber[] listed =
        [
            new("a@x.example", null, Since, null, SubscriberOrigin.Form, null),
            new("b@x.example", null, Since, Since.AddDays(1), SubscriberOrigin.Form, null),
            new("c@x.example", null, Since, null, SubscriberOrigin.Form, null) { PausedUntil = Since.AddDays(30) },
            new("d@x.example", null, Since, null, SubscriberOrigin.Form, null) { Suppressed = Suppression.Complaint },
        ];
        var rows = SubscriberList.Read(
            CsvTable.Read(SubscriberList.Write(listed)),
            "mail",
            "name",
            _ => true,
            _ => null
        );
        Assert.Equal(
            [ListedKind.New, ListedKind.NewLeft, ListedKind.New, ListedKind.NewBounced],
            rows.Select(row => row.Kind)
        );
        Assert.Equal([null, null, Since.AddDays(30), null], rows.Select(row => row.PausedUntil));
    }
}
