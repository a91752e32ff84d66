using System.IO.Compression;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html.Markdown;
using Antiphon.Core.Importing;
using Antiphon.Core.Importing.Reading;
using Antiphon.Core.Tables;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Limits;

namespace Antiphon.Server.Importing;

/// <summary>Makes tables of files and addresses; in plain words why not.</summary>
internal sealed class ImportSources(GuardedClient client)
{
    private const int MostFiles = 20_000;
    private const int MostPages = 200;
    private const long MostUnpacked = 200_000_000;

    /// <summary>The table in a file, whose kind is told by its content and then by its name.</summary>
    public static async Task<(ImportKind Kind, ImportTable? Table, string? Problem)> ReadAsync(
        string name,
        byte[] bytes,
        CancellationToken cancellation
    )
    {
        if (bytes.Length == 0)
            return (ImportKind.Csv, null, "The file is empty.");
        if (bytes.AsSpan().StartsWith("PK\u0003\u0004"u8))
            return await ReadArchiveAsync(bytes, cancellation);
        var text = DecodedFeed.From(bytes, null).Text;
        var start = text.AsSpan().TrimStart();
        if (start.StartsWith("{") || start.StartsWith("["))
            return JsonOf(text, bytes);
        if (start.StartsWith("<"))
            return FeedOf(bytes, null, null);
        if (
            name.EndsWith(".md", StringComparison.OrdinalIgnoreCase)
            || name.EndsWith(".markdown", StringComparison.OrdinalIgnoreCase)
        )
            return Checked(ImportKind.Markdown, ImportTable.Of([MarkdownRecord(name, text)]));
        return Checked(ImportKind.Csv, CsvTable.Read(text));
    }

    /// <summary>The table at addresses.</summary>
    public async Task<(ImportKind Kind, ImportTable? Table, string? Problem)> ReadAsync(
        ImportKind kind,
        IReadOnlyList<string> addresses,
        CancellationToken cancellation
    )
    {
        if (kind == ImportKind.Pages)
            return await ReadPagesAsync(addresses, cancellation);
        var fetched = await client.GetAsync(new Uri(addresses[0]), cancellation: cancellation);
        if (fetched.Problem is { } problem)
            return (kind, null, FetchWords.For(problem, fetched.Detail));
        if (kind == ImportKind.Feed)
            return FeedOf(fetched.Bytes, fetched.ContentType, fetched.Address);
        if (fetched.ContentType?.Contains("html", StringComparison.OrdinalIgnoreCase) == true)
            return (kind, null, "This is a web page, not a table. Publish the sheet as CSV and use that address.");
        return await ReadAsync(fetched.Address.AbsolutePath, fetched.Bytes, cancellation);
    }

    private async Task<(ImportKind, ImportTable?, string?)> ReadPagesAsync(
        IReadOnlyList<string> addresses,
        CancellationToken cancellation
    )
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
            ? (
                ImportKind.Pages,
                null,
                troubles.Count == 1
                    ? troubles[0]
                    : $"None of the pages can be read. The first: {troubles.FirstOrDefault()}"
            )
            : (ImportKind.Pages, ImportTable.Of(records), null);
    }

    private static (ImportKind, ImportTable?, string?) JsonOf(string text, byte[] bytes)
    {
        // A JSON Feed is a feed; everything else in JSON is a table.
        if (text.Contains("jsonfeed.org/version", StringComparison.Ordinal))
            return FeedOf(bytes, "application/feed+json", null);
        return JsonTable.Read(text) is { } table
            ? Checked(ImportKind.Json, table)
            : (ImportKind.Json, null, "The JSON file must contain a list of objects, one per post.");
    }

    private static (ImportKind, ImportTable?, string?) FeedOf(byte[] bytes, string? type, Uri? address)
    {
        var feed = FeedReader.Read(bytes, new FeedReadOptions(type, address)).Feed;
        return feed is null
            ? (ImportKind.Feed, null, "This feed cannot be read. For a page of a website choose “Pages”.")
            : Checked(ImportKind.Feed, FeedTable.Of(feed));
    }

    private static async Task<(ImportKind, ImportTable?, string?)> ReadArchiveAsync(
        byte[] bytes,
        CancellationToken cancellation
    )
    {
        try
        {
            using var archive = new ZipArchive(new MemoryStream(bytes), ZipArchiveMode.Read);
            if (archive.Entries.Count > MostFiles)
                return (
                    ImportKind.Markdown,
                    null,
                    $"The archive holds more than {MostFiles:N0} files. Upload it in several parts."
                );
            var (records, unpacked) = (new List<Dictionary<string, string>>(), 0L);
            foreach (
                var entry in archive.Entries.Where(entry =>
                    entry.Name.EndsWith(".md", StringComparison.OrdinalIgnoreCase)
                    || entry.Name.EndsWith(".markdown", StringComparison.OrdinalIgnoreCase)
                )
            )
            {
                // The size an archive states may lie, so what comes out is counted.
                await using var stream = entry.Open();
                var content = await BoundedBody.ReadAsync(stream, MostUnpacked - unpacked, cancellation);
                if (content is null)
                    return (
                        ImportKind.Markdown,
                        null,
                        "The archive unpacks to more than 200 MB. Upload it in several parts."
                    );
                unpacked += content.Length;
                records.Add(MarkdownRecord(entry.FullName, DecodedFeed.From(content, null).Text));
            }

            return records.Count == 0
                ? (ImportKind.Markdown, null, "There is no Markdown file in the archive (.md).")
                : Checked(ImportKind.Markdown, ImportTable.Of(records));
        }
        catch (InvalidDataException)
        {
            return (ImportKind.Markdown, null, "The archive is damaged; pack it again and send it.");
        }
    }

    // Its name says that it is Markdown, however few signs of it there are.
    private static Dictionary<string, string> MarkdownRecord(string name, string text)
    {
        var record = FrontMatter.Read(name, text);
        record[FrontMatter.BodyColumn] = MarkdownReader.ToHtml(record[FrontMatter.BodyColumn]);
        return record;
    }

    private static (ImportKind, ImportTable?, string?) Checked(ImportKind kind, ImportTable table) =>
        table.Rows.Count == 0 ? (kind, null, "There are no rows in it.") : (kind, table, null);
}
