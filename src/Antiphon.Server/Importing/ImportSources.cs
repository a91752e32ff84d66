using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Importing;
using Antiphon.Core.Importing.Reading;
using Antiphon.Core.Tables;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Importing;

/// <summary>Makes tables of files and addresses; in plain words why not.</summary>
internal sealed class ImportSources(GuardedClient client)
{
    private const int MostPages = 200;

    /// <summary>The tables in a file, whose kind is told by its content and then by its name.</summary>
    public static async Task<ReadSource> ReadAsync(string name, byte[] bytes, CancellationToken cancellation)
    {
        if (bytes.Length == 0)
            return ReadSource.Refused(ImportKind.Csv, "The file is empty.");
        if (bytes.AsSpan().StartsWith("PK\u0003\u0004"u8))
            return await ImportArchives.ReadAsync(bytes, cancellation);
        if (ExcelTables.IsBinaryWorkbook(bytes))
            return ImportArchives.Sheets(ExcelTables.Read(bytes));
        var text = DecodedFeed.From(bytes, null).Text;
        var start = text.AsSpan().TrimStart();
        if (start.StartsWith("{") || start.StartsWith("["))
            return JsonOf(text, bytes);
        if (start.StartsWith("<"))
            return MarkupOf(text, bytes, cancellation);
        if (
            name.EndsWith(".md", StringComparison.OrdinalIgnoreCase)
            || name.EndsWith(".markdown", StringComparison.OrdinalIgnoreCase)
        )
            return ReadSource.Of(ImportKind.Markdown, ImportTable.Of([ImportArchives.MarkdownRecord(name, text)]));
        return ReadSource.Of(ImportKind.Csv, CsvTable.Read(text));
    }

    /// <summary>The tables at addresses.</summary>
    public async Task<ReadSource> ReadAsync(
        ImportKind kind,
        IReadOnlyList<string> addresses,
        CancellationToken cancellation
    )
    {
        if (kind == ImportKind.Pages)
            return await ReadPagesAsync(addresses, cancellation);
        var fetched = await client.GetAsync(new Uri(addresses[0]), cancellation: cancellation);
        if (fetched.Problem is { } problem)
            return ReadSource.Refused(kind, FetchWords.For(problem, fetched.Detail));
        if (kind == ImportKind.Feed)
            return FeedOf(fetched.Bytes, fetched.ContentType, fetched.Address);
        if (fetched.ContentType?.Contains("html", StringComparison.OrdinalIgnoreCase) == true)
            return TablesOf(
                DecodedFeed.From(fetched.Bytes, fetched.ContentType).Text,
                fetched.Address,
                "There is no table on this page. Enter the address of the page with the table, or of a CSV file; for posts that are pages choose “Web pages”.",
                cancellation
            );
        return await ReadAsync(fetched.Address.AbsolutePath, fetched.Bytes, cancellation);
    }

    private async Task<ReadSource> ReadPagesAsync(IReadOnlyList<string> addresses, CancellationToken cancellation)
    {
        var (records, troubles) = (new List<Dictionary<string, string>>(), new List<string>());
        foreach (var address in addresses.Take(MostPages))
        {
            var fetched = await client.GetPageAsync(new Uri(address), cancellation);
            if (fetched.Problem is { } problem)
                troubles.Add($"{address}: {FetchWords.For(problem, fetched.Detail)}");
            else if (PageRecord.Read(fetched.Page!, fetched.Address) is { } record)
                records.Add(record);
            else
                troubles.Add($"{address}: there is no text on the page.");
        }

        return records.Count == 0
            ? ReadSource.Refused(
                ImportKind.Pages,
                troubles.Count == 1
                    ? troubles[0]
                    : $"None of the pages can be read. The first: {troubles.FirstOrDefault()}"
            )
            : ReadSource.Of(ImportKind.Pages, ImportTable.Of(records));
    }

    private static ReadSource JsonOf(string text, byte[] bytes)
    {
        // A JSON Feed is a feed; everything else in JSON is a table.
        if (text.Contains("jsonfeed.org/version", StringComparison.Ordinal))
            return FeedOf(bytes, "application/feed+json", null);
        return JsonTable.Read(text) is { } table
            ? ReadSource.Of(ImportKind.Json, table)
            : ReadSource.Refused(ImportKind.Json, "The JSON file must contain a list of objects, one per post.");
    }

    private static ReadSource FeedOf(byte[] bytes, string? type, Uri? address)
    {
        var feed = FeedReader.Read(bytes, new FeedReadOptions(type, address)).Feed;
        if (feed is not null && feed.Items.Count > 0 && feed.Items.TrueForAll(item => item.RepliesTo.Count > 0))
            return ReadSource.Refused(
                ImportKind.Feed,
                "This feed holds comments only. Import it under Comments › Threads."
            );
        return feed is null
            ? ReadSource.Refused(
                ImportKind.Feed,
                "This feed cannot be read. For a page of a website choose “Web pages”."
            )
            : ReadSource.Of(ImportKind.Feed, FeedTable.Of(feed));
    }

    private static ReadSource MarkupOf(string text, byte[] bytes, CancellationToken cancellation)
    {
        var feed = FeedOf(bytes, null, null);
        return feed.Problem is null
            ? feed
            : TablesOf(text, null, "This is no feed, and no page with a table.", cancellation);
    }

    private static ReadSource TablesOf(string html, Uri? address, string otherwise, CancellationToken cancellation)
    {
        var reading = HtmlReader.Read(html, HtmlLimits.Page, cancellation);
        if (reading.Document is not { } page)
            return ReadSource.Refused(ImportKind.Csv, otherwise);
        var tables = PageTables.Read(page, address);
        return tables.Count == 0
            ? ReadSource.Refused(ImportKind.Csv, otherwise)
            : ReadSource.Of(ImportKind.Csv, tables);
    }
}
