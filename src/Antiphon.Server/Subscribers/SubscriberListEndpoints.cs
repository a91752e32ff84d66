using System.Text;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Mailing.Returns;
using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Core.Tables;
using Antiphon.Data;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers;

/// <summary>/api/sites/{site}/subscribers/list: subscribers as a table, out and in.</summary>
internal static class SubscriberListEndpoints
{
    private const long LargestBytes = 30_000_000;
    private const int AtOnce = 2000;
    private const int MostExamples = 20;
    private const int LongestReason = 300;

    /// <summary>Maps both ways.</summary>
    public static void MapSubscriberLists(this RouteGroupBuilder subscribers)
    {
        subscribers.MapGet("/list.csv", Export).Needs(SiteRight.Edit).WithName("exportSubscribers");
        subscribers
            .MapPost("/list", Import)
            .Needs(SiteRight.Edit)
            .WithName("importSubscribers")
            .WithSummary("Takes a table as the body. With trial=true it says what would be taken and stores nothing.")
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(LargestBytes));
    }

    private static async Task<FileContentHttpResult> Export(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var rows = await database
            .Subscribers.AsNoTracking()
            .Where(subscriber => subscriber.SiteId == site)
            .OrderBy(subscriber => subscriber.Id)
            .Select(subscriber => new ListedSubscriber(
                subscriber.Mail,
                subscriber.Name,
                subscriber.CreatedAt,
                subscriber.LeftAt,
                subscriber.Origin,
                subscriber.Reason
            )
            {
                PausedUntil = subscriber.PausedUntil,
                Suppressed = subscriber.Suppressed,
            })
            .ToListAsync(cancellation);
        // Spreadsheets tell UTF-8 by its mark alone.
        return TypedResults.File(
            [.. Encoding.UTF8.GetPreamble(), .. Encoding.UTF8.GetBytes(SubscriberList.Write(rows))],
            "text/csv; charset=utf-8",
            "subscribers.csv"
        );
    }

    private static async Task<Results<Ok<ListTaken>, ValidationProblem>> Import(
        long site,
        bool? trial,
        string? mail,
        string? name,
        string? reason,
        HttpContext http,
        AntiphonContext database,
        IKeySource keys,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var table = CsvTable.Read(DecodedFeed.From(await http.BodyAsync(), null).Text);
        if (table.Rows.Count == 0)
            return FieldProblem.For(
                "file",
                "There is no row in this file. Send a table whose first line names its columns."
            );
        var (mailColumn, nameColumn) = (
            mail ?? SubscriberList.MailColumn(table),
            name ?? SubscriberList.NameColumn(table)
        );
        if (mailColumn is null || !table.Columns.Contains(mailColumn, StringComparer.OrdinalIgnoreCase))
            return FieldProblem.For("mail", "No column contains email addresses. Choose the column.");
        if (
            nameColumn is { Length: 0 }
            || (nameColumn is not null && !table.Columns.Contains(nameColumn, StringComparer.OrdinalIgnoreCase))
        )
            nameColumn = null;
        if (trial != true && (string.IsNullOrWhiteSpace(reason) || reason.Length > LongestReason))
            return FieldProblem.For(
                "reason",
                "Describe how these people consented. It is stored with each subscriber."
            );
        var rows = SubscriberList.Read(
            table,
            mailColumn,
            nameColumn,
            MailAddresses.IsOne,
            await KnownAsync(site, database, cancellation)
        );
        if (trial != true)
            await KeepAsync(site, rows, reason!.Trim(), database, keys, clock.GetUtcNow(), cancellation);
        int Count(ListedKind kind) => rows.Count(row => row.Kind == kind);
        return TypedResults.Ok(
            new ListTaken(
                table.Columns,
                mailColumn,
                nameColumn,
                Count(ListedKind.New),
                Count(ListedKind.Known),
                Count(ListedKind.Left) + Count(ListedKind.NewLeft),
                Count(ListedKind.Twice),
                Count(ListedKind.NoAddress),
                Count(ListedKind.Bounced) + Count(ListedKind.NewBounced),
                [.. rows.Where(row => row.Kind is not (ListedKind.New or ListedKind.Known)).Take(MostExamples)]
            )
        );
    }

    private static async Task<Func<string, ListedKind?>> KnownAsync(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var key = await database
            .Sites.Where(row => row.Id == site)
            .Select(row => row.PublicKey)
            .FirstAsync(cancellation);
        var known = await database
            .Subscribers.Where(subscriber => subscriber.SiteId == site)
            .Select(subscriber => new
            {
                subscriber.Mail,
                Kind = subscriber.LeftAt != null ? ListedKind.Left
                : subscriber.Suppressed != null ? ListedKind.Bounced
                : ListedKind.Known,
            })
            .ToDictionaryAsync(row => row.Mail, row => row.Kind, cancellation);
        var gone = (
            await database
                .GoneAddresses.Where(address => address.SiteId == site)
                .Select(address => address.Hash)
                .ToListAsync(cancellation)
        ).ToHashSet();
        return mail =>
            known.TryGetValue(mail, out var kind) ? kind
            : gone.Count > 0 && gone.Contains(AddressHash.Of(mail, key)) ? ListedKind.Left
            : null;
    }

    // All or nothing, in portions that fill no memory.
    private static async Task KeepAsync(
        long site,
        IReadOnlyList<ListedRow> rows,
        string reason,
        AntiphonContext database,
        IKeySource keys,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        foreach (
            var portion in rows.Where(row => row.Kind is ListedKind.New or ListedKind.NewLeft or ListedKind.NewBounced)
                .Chunk(AtOnce)
        )
        {
            database.Subscribers.AddRange(
                portion.Select(row => new Subscriber
                {
                    SiteId = site,
                    Mail = row.Mail,
                    Name = row.Name,
                    Key = keys.NewKey(32),
                    CreatedAt = now,
                    Origin = SubscriberOrigin.List,
                    Reason = reason,
                    LeftAt = row.Kind == ListedKind.NewLeft ? now : null,
                    Suppressed = row.Kind == ListedKind.NewBounced ? Suppression.Bounce : null,
                    SuppressedAt = row.Kind == ListedKind.NewBounced ? now : null,
                    PausedUntil = row.IsPaused ? row.PausedUntil ?? now.AddYears(1) : null,
                })
            );
            await database.SaveChangesAsync(cancellation);
            database.ChangeTracker.Clear();
        }

        await transaction.CommitAsync(cancellation);
    }
}
