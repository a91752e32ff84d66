using Antiphon.Core.Importing;
using Antiphon.Core.Importing.Matching;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Tables;

namespace Antiphon.Core.Tests.Importing;

/// <summary>Where columns go, and how dates are written.</summary>
public sealed class MatchingTests
{
    private static readonly OwnField[] Fields =
    [
        new("instrument", "Instrument used", OwnFieldKind.Text, [], null, false, true),
    ];

    [Theory]
    [InlineData("Title,Body,Published at,Author name,Keywords", "Title,Body,Date,Author,Tags")]
    [InlineData("Überschrift;Inhalt;Datum;Autor;Kategorie", "Title,Body,Date,Author,Category")]
    [InlineData("Titre;Texte;Jour;Auteur;Rubrique", "Title,Body,Date,Author,Category")]
    [InlineData("ID,Name,Instrument used,Weight", "Identifier,Title,OwnField,-")]
    [InlineData("name,title", "-,Title")]
    [InlineData("description,text", "Excerpt,Body")]
    public void Columns_are_known_by_their_names(string head, string targets)
    {
        var separator = head.Contains(';', StringComparison.Ordinal) ? ';' : ',';
        var table = CsvTable.Read($"{head}\n{string.Join(separator, head.Split(separator).Select(_ => "x"))}");
        Assert.Equal(
            targets,
            string.Join(
                ',',
                ColumnMatching.Suggest(table, Fields).Columns.Select(column => column.Target?.ToString() ?? "-")
            )
        );
    }

    [Fact]
    public void Columns_without_telling_names_are_known_by_their_values()
    {
        var table = CsvTable.Read(
            string.Join(
                '\n',
                [
                    "c1,c2,c3,c4,c5",
                    .. Enumerable
                        .Range(1, 20)
                        .Select(n =>
                            $"Frost number {n},2026-11-{n:00},https://a.example/{n}.jpg,https://a.example/p/{n},\"{new string('x', 250)}\""
                        ),
                ]
            )
        );
        Assert.Equal(
            [ImportTarget.Title, ImportTarget.Date, ImportTarget.Picture, ImportTarget.Link, ImportTarget.Body],
            ColumnMatching.Suggest(table, []).Columns.Select(one => one.Target!.Value)
        );
    }

    [Theory]
    [InlineData("24/11/2026 03/04/2026", DateForm.DayFirst)]
    [InlineData("11/24/2026 03/04/2026", DateForm.MonthFirst)]
    [InlineData("03/04/2026 05/06/2026", DateForm.DayFirst)]
    [InlineData("24.11.2026 3.4.2026", DateForm.DayFirst)]
    [InlineData("2026-11-24 2026-11-25", DateForm.Standard)]
    [InlineData("2026-11-24T20:00:00Z 2026-11-25T20:00:00+01:00", DateForm.Standard)]
    [InlineData("", DateForm.Standard)]
    public void The_form_of_dates_is_found(string values, DateForm form) =>
        Assert.Equal(form, ColumnMatching.DateFormOf(values.Split(' ', StringSplitOptions.RemoveEmptyEntries)));

    [Theory]
    [InlineData("24/11/2026", DateForm.DayFirst, "2026-11-24T00:00:00Z")]
    [InlineData("11/24/2026", DateForm.MonthFirst, "2026-11-24T00:00:00Z")]
    [InlineData("24/7/2026 21:30", DateForm.DayFirst, "2026-07-24T20:30:00Z")]
    [InlineData("7/24/2026 9:30 PM", DateForm.MonthFirst, "2026-07-24T20:30:00Z")]
    [InlineData("2026-07-24 21:30", DateForm.Standard, "2026-07-24T20:30:00Z")]
    [InlineData("2026-07-24T21:30:00+02:00", DateForm.Standard, "2026-07-24T19:30:00Z")]
    [InlineData("Fri, 24 Jul 2026 21:30:00 +0200", DateForm.Standard, "2026-07-24T19:30:00Z")]
    [InlineData("24 July 2026", DateForm.DayFirst, "2026-07-23T23:00:00Z")]
    [InlineData("11/24/2026", DateForm.DayFirst, null)]
    [InlineData("soon", DateForm.DayFirst, null)]
    [InlineData("2026-02-30", DateForm.Standard, null)]
    public void A_date_without_a_zone_is_one_on_the_sites_clocks(string value, DateForm form, string? instant) =>
        Assert.Equal(
            instant is null ? null : DateTimeOffset.Parse(instant, System.Globalization.CultureInfo.InvariantCulture),
            TableDate.Read(value, form, "Europe/London")?.ToUniversalTime()
        );

    [Theory]
    [InlineData("a|b,c", "|")]
    [InlineData("a;b", ";")]
    [InlineData("a, b", ",")]
    [InlineData("a", ",")]
    public void What_separates_tags_is_found(string tags, string separator) =>
        Assert.Equal(
            separator,
            ColumnMatching
                .Suggest(
                    new ImportTable(
                        ["title", "tags"],
                        [
                            ["x", tags],
                        ]
                    ),
                    []
                )
                .ListSeparator
        );
}
